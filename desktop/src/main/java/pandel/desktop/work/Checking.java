package pandel.desktop.work;

import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.cover.Coverage;
import pandel.core.model.Prototype;

/** Checks the newest prototype off the interface thread; a newer one calls the running check off. */
final class Checking {

    /** Where results go, on the interface thread. */
    interface Told {

        void checked(Checked checked, Coverage coverage);

        /** The checks of the newest prototype came to no end; nothing that was told before stands for it. */
        void stopped(Throwable why);
    }

    private final Executor thread;
    private final Executor window;
    private final AtomicReference<Prototype> wanted = new AtomicReference<>();
    private final Runnable patience;
    /** The last result, for the thread of the checks alone: what it found may stand for the next prototype. */
    private Optional<Checked> last = Optional.empty();

    /** @param patience waits, off the interface thread, until what a person is to see at once after opening is there */
    Checking(Executor thread, Executor window, Runnable patience) {
        this.thread = thread;
        this.window = window;
        this.patience = patience;
    }

    /**
     * Checks, replays the journeys and tells the interface thread, unless a newer prototype has been asked about by
     * then.
     */
    void check(Prototype prototype, boolean justOpened, Told told) {
        wanted.set(prototype);
        thread.execute(() -> {
            try {
                if (justOpened) {
                    patience.run();
                }
                BooleanSupplier calledOff = () -> wanted.get() != prototype;
                Optional<Checked> result = last.isPresent()
                        ? Check.after(last.get(), prototype, calledOff)
                        : Check.of(prototype, calledOff);
                result.ifPresent(checked -> {
                    last = result;
                    Coverage coverage = Coverage.of(checked);
                    tell(prototype, () -> told.checked(checked, coverage));
                });
            } catch (RuntimeException | Error e) {
                tell(prototype, () -> told.stopped(e));
            }
        });
    }

    private void tell(Prototype prototype, Runnable words) {
        window.execute(() -> {
            if (wanted.get() == prototype) {
                words.run();
            }
        });
    }
}
