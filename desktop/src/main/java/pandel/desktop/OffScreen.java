package pandel.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.stage.Stage;
import pandel.desktop.play.PlayClock;
import pandel.desktop.shell.file.FileChoosing;
import pandel.files.picture.Thumbnails;
import pandel.files.settings.PreferencesFile;
import pandel.files.store.OpenMark;

/** The window without a display: started, waited for, ended. Once in a program, and not on the interface thread. */
final class OffScreen {

    private static final int LONGEST = 400;

    private OffScreen() {}

    /** What is done while the interface runs. */
    interface Task<T> {
        T run() throws IOException, InterruptedException, ExecutionException;
    }

    /** Runs it with the interface up, and takes that down again. */
    static <T> T run(Task<T> task) throws IOException, InterruptedException {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        CompletableFuture<Void> started = new CompletableFuture<>();
        Platform.startup(() -> started.complete(null));
        try {
            started.get();
            return task.run();
        } catch (ExecutionException e) {
            throw new IOException(
                    "The window could not be shown off-screen: "
                            + Objects.requireNonNull(e.getCause()).getMessage(),
                    e);
        } finally {
            Platform.exit();
        }
    }

    /** Opens the window with a prototype. What the person prefers stays theirs. */
    static PandelApp.Opened open(Stage stage, Path prototype, PlayClock clock, int width, int height)
            throws InterruptedException, ExecutionException {
        return onFx(() -> {
            try {
                Places places = new Places(
                        Thumbnails.ofUser(),
                        new PreferencesFile(Files.createTempDirectory("pandel").resolve("preferences.json")),
                        OpenMark.ofUser());
                PandelApp.Opened o = PandelApp.show(
                        stage, FileChoosing.system(() -> stage, address -> {}), clock, Optional.empty(), places);
                stage.setX(0);
                stage.setY(0);
                stage.setWidth(width);
                stage.setHeight(height);
                o.window().open(prototype, true);
                return o;
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        });
    }

    /** Waits until the checks have told and every picture asked for is there, so many times in a row. */
    static void settle(PandelApp.Opened opened, int times) throws InterruptedException, ExecutionException {
        int quiet = 0;
        for (int i = 0; i < LONGEST && quiet < times; i++) {
            boolean done = onFx(() -> opened.pictures().isIdle()
                    && opened.window().isTold()
                    && !opened.work().prototype().screens().isEmpty()
                    && opened.work()
                            .checked()
                            .filter(c -> c.prototype() == opened.work().prototype())
                            .isPresent());
            quiet = done ? quiet + 1 : 0;
            Thread.sleep(25);
        }
    }

    /** Runs it on the interface thread and waits for what it gives. */
    static <T> T onFx(Supplier<T> work) throws InterruptedException, ExecutionException {
        CompletableFuture<T> result = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                result.complete(work.get());
            } catch (RuntimeException e) {
                result.completeExceptionally(e);
            }
        });
        return result.get();
    }
}
