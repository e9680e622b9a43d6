package pandel.desktop.work;

import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import javafx.application.Platform;

/**
 * Where things run.
 *
 * @param files reads and writes files, one thing after the other
 * @param window the interface thread, later
 */
public record Threads(Executor files, Executor window) {

    /** Those of a window. */
    public static Threads ofWindow() {
        return new Threads(
                Executors.newSingleThreadExecutor(
                        Thread.ofPlatform().name("files").daemon().factory()),
                Platform::runLater);
    }
}
