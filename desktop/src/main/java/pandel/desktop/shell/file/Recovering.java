package pandel.desktop.shell.file;

import java.io.IOException;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.core.model.Prototype;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.stage.Question;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.store.FileStamp;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.Recovery;

/** Keeps unsaved work aside after each edit, and offers what an earlier program left behind. */
public final class Recovering {

    private static final Logger LOG = LoggerFactory.getLogger(Recovering.class);

    private record Wish(Optional<Prototype> unsaved, Optional<Path> file, PictureShelf shelf) {}

    private final Work work;
    private final Path base;
    private final AtomicReference<Wish> newest = new AtomicReference<>();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().name("recovery").daemon().factory());
    private Optional<Recovery> recovery = Optional.empty();

    /** @param base the folder where work is kept aside */
    public Recovering(Work work, Path base) {
        this.work = work;
        this.base = base;
        work.historyProperty().addListener((o, a, b) -> note());
    }

    private void note() {
        Wish wish = new Wish(
                work.isSaved() ? Optional.empty() : Optional.of(work.prototype()),
                work.document().place().map(Document.Place::path),
                work.shelf());
        newest.set(wish);
        if (thread.isShutdown()) {
            return;
        }
        thread.execute(() -> {
            // Only the newest counts; what came between is in it.
            if (newest.get() == wish) {
                keep(wish);
            }
        });
    }

    private void keep(Wish wish) {
        try {
            if (wish.unsaved().isEmpty()) {
                if (recovery.isPresent()) {
                    recovery.get().clear();
                }
                return;
            }
            if (recovery.isEmpty()) {
                recovery = Optional.of(Recovery.begin(base));
            }
            recovery.get().keep(wish.unsaved().get(), wish.file(), wish.shelf());
        } catch (IOException | RuntimeException e) {
            LOG.warn("Unsaved work could not be kept aside: {}", e.getMessage());
        }
    }

    /** Looks for work left behind and asks about each of it, the newest first. */
    public void offer(Telling telling, DocumentFiles keeping) {
        thread.execute(() -> {
            try {
                Recovery.Found found = Recovery.find(base);
                Platform.runLater(() -> {
                    found.setAside().stream()
                            .findFirst()
                            .ifPresent(folder -> telling.say(
                                    "Unsaved work of an earlier time cannot be read any more; what there is of it "
                                            + "was put into "
                                            + folder.getParent() + "."));
                    ask(telling, keeping, found.left());
                });
            } catch (IOException | RuntimeException e) {
                LOG.warn("Left-over work could not be looked for: {}", e.getMessage());
            }
        });
    }

    private void ask(Telling telling, DocumentFiles keeping, List<Recovery.Left> all) {
        if (all.isEmpty()) {
            return;
        }
        Recovery.Left left = all.getFirst();
        List<Recovery.Left> others = all.subList(1, all.size());
        String title = left.title().isBlank() ? "A prototype" : "“" + left.title() + "”";
        String when =
                DateTimeFormatter.ofPattern("d MMM HH:mm").format(left.at().atZone(ZoneId.systemDefault()));
        telling.ask(new Question(
                title + " was not saved when the program ended. Bring it back?",
                List.of("As it was at " + when
                        + left.file().map(f -> ", of " + f).orElse(", never saved")
                        + (others.isEmpty()
                                ? ""
                                : "; " + (others.size() == 1 ? "one more was" : others.size() + " more were")
                                        + " left behind")),
                List.of(
                        new Question.Answer("Bring it back", "main", () -> bringBack(telling, keeping, left)),
                        new Question.Answer("Let it go", "danger", () -> {
                            discard(left);
                            ask(telling, keeping, others);
                        }),
                        new Question.Answer("Ask me next time", "plain", () -> ask(telling, keeping, others)))));
    }

    private void bringBack(Telling telling, DocumentFiles keeping, Recovery.Left left) {
        thread.execute(() -> {
            try {
                PrototypeFile.Opened opened = Recovery.open(left);
                PictureShelf shelf = new PictureShelf();
                shelf.takeAll(PrototypeFile.pictures(opened.prototype()), opened.pictures());
                // A file written after the work was kept aside is another one than it came from.
                Optional<FileStamp> stamp = left.file()
                        .flatMap(FileStamp::of)
                        .filter(s -> !s.modified().toInstant().isAfter(left.at()));
                Platform.runLater(
                        () -> keeping.bringBack(opened.prototype(), shelf, left.file(), stamp, () -> discard(left)));
            } catch (IOException | Unreadable | RuntimeException e) {
                LOG.warn("Work left in {} could not be brought back", left.folder(), e);
                Platform.runLater(() -> telling.say("It could not be brought back: " + e.getMessage()));
            }
        });
    }

    private void discard(Recovery.Left left) {
        thread.execute(() -> {
            try {
                Recovery.discard(left);
            } catch (IOException e) {
                LOG.warn("Left-over work could not be removed: {}", e.getMessage());
            }
        });
    }

    /**
     * The program ends in peace; nothing stays behind, once what is being written is written. A second time it does
     * nothing.
     */
    public void end() {
        if (thread.isShutdown()) {
            return;
        }
        thread.execute(() -> recovery.ifPresent(r -> {
            try {
                r.close();
            } catch (IOException e) {
                LOG.warn("What was kept aside could not be removed: {}", e.getMessage());
            }
        }));
        thread.shutdown();
    }
}
