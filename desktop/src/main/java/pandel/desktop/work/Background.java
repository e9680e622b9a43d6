package pandel.desktop.work;

import java.util.Optional;
import java.util.function.BiConsumer;
import pandel.files.Unreadable;

/** Runs work for a document off the interface thread. It counts while it runs, and whatever goes wrong is told. */
public final class Background {

    /** Work off the interface thread. */
    public interface Job {

        /** Does it, and gives what is to be done on the interface thread if the document is still open. */
        Runnable run() throws Exception;
    }

    private final Work work;
    private final Threads threads;
    private final BiConsumer<String, Throwable> failed;

    /** @param failed told what could not be done, and why, on the interface thread */
    public Background(Work work, Threads threads, BiConsumer<String, Throwable> failed) {
        this.work = work;
        this.threads = threads;
        this.failed = failed;
    }

    /**
     * Begins work for a document.
     *
     * @param what in words that go on after "is still", for a person who is about to leave the document; empty: nothing
     *     is lost with it
     * @param effort what it is for, in words that go on after "Could not"
     */
    public void run(Document document, Optional<String> what, String effort, Job job) {
        what.ifPresent(document::begin);
        threads.files().execute(() -> {
            Runnable then;
            try {
                then = job.run();
            } catch (Exception | Error e) {
                then = () -> failed.accept(effort, e);
            }
            Runnable result = then;
            threads.window().execute(() -> {
                Runnable after = () -> {
                    if (work.document() == document) {
                        result.run();
                    }
                };
                what.ifPresentOrElse(w -> document.end(w, after), after);
            });
        });
    }

    /** On the interface thread, if the document is still open then; for progress. */
    public void tell(Document document, Runnable words) {
        threads.window().execute(() -> {
            if (work.document() == document) {
                words.run();
            }
        });
    }

    /** Off the interface thread, after all that was begun before; for clearing up. */
    public void last(Runnable task) {
        threads.files().execute(task);
    }

    /** What a person is told of something that went wrong. */
    public static String sentence(String effort, Throwable why) {
        return switch (why) {
            case Unreadable told -> told.sentence();
            case OutOfMemoryError e -> "Could not " + effort + ": there is not enough memory. Your work is still open.";
            case Throwable e ->
                "Could not " + effort
                        + ", for a reason nobody foresaw. Your work is still open; what happened stands in "
                        + Journal.file() + ".";
        };
    }
}
