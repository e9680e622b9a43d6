package pandel.desktop.work;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiConsumer;
import javafx.application.Platform;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.cover.Coverage;
import pandel.core.model.Prototype;

/** Checks the newest prototype off the interface thread; a newer one calls the running check off. */
final class Checking {

    private final ExecutorService thread = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().name("checking").daemon().factory());
    private final AtomicReference<Prototype> wanted = new AtomicReference<>();
    private final Runnable patience;

    /** @param patience waits, off the interface thread, until what a person is to see at once after opening is there */
    Checking(Runnable patience) {
        this.patience = patience;
    }

    /** Checks, replays the journeys and tells the interface thread, unless a newer prototype has been asked about by then. */
    void check(Prototype prototype, boolean justOpened, BiConsumer<Checked, Coverage> tell) {
        wanted.set(prototype);
        thread.execute(() -> {
            if (justOpened) {
                patience.run();
            }
            Check.of(prototype, () -> wanted.get() != prototype).ifPresent(checked -> {
                Coverage coverage = Coverage.of(checked);
                Platform.runLater(() -> {
                    if (wanted.get() == prototype) {
                        tell.accept(checked, coverage);
                    }
                });
            });
        });
    }
}
