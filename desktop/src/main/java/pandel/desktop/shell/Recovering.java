package pandel.desktop.shell;

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
import pandel.core.edit.History;
import pandel.core.model.Prototype;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.Recovery;

/** Keeps unsaved work aside after each edit, and offers what an earlier program left behind. */
public final class Recovering {

    private static final Logger LOG = LoggerFactory.getLogger(Recovering.class);

    private record Wish(Optional<Prototype> unsaved, Optional<Path> file, PictureShelf shelf) {
    }

    private final Work work;
    private final Path base;
    private final AtomicReference<Wish> newest = new AtomicReference<>();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(Thread.ofPlatform().name("recovery").daemon().factory());
    private Optional<Recovery> recovery = Optional.empty();

    /** @param base the folder where work is kept aside */
    public Recovering(Work work, Path base) {
        this.work = work;
        this.base = base;
        work.historyProperty().addListener((o, a, b) -> note());
    }

    private void note() {
        Wish wish = new Wish(work.isSaved() ? Optional.empty() : Optional.of(work.prototype()), work.keptProperty().get().map(Work.Kept::path), work.shelf());
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
        } catch (IOException e) {
            LOG.warn("Unsaved work could not be kept aside: {}", e.getMessage());
        }
    }

    /** Looks for work left behind and asks about the newest of it. */
    void offer(Around around, PictureLibrary pictures) {
        thread.execute(() -> {
            try {
                List<Recovery.Left> left = Recovery.find(base);
                if (!left.isEmpty()) {
                    Platform.runLater(() -> ask(around, pictures, left.getFirst()));
                }
            } catch (IOException e) {
                LOG.warn("Left-over work could not be looked for: {}", e.getMessage());
            }
        });
    }

    private void ask(Around around, PictureLibrary pictures, Recovery.Left left) {
        String title = left.title().isBlank() ? "A prototype" : "“" + left.title() + "”";
        String when = DateTimeFormatter.ofPattern("d MMM HH:mm").format(left.at().atZone(ZoneId.systemDefault()));
        around.ask(new Question(title + " was not saved when the program ended. Bring it back?",
                List.of("As it was at " + when + left.file().map(f -> ", of " + f).orElse(", never saved")), List.of(
                new Question.Answer("Bring it back", "main", () -> bringBack(around, pictures, left)),
                new Question.Answer("Let it go", "danger", () -> discard(left)),
                new Question.Answer("Ask me next time", "plain", () -> { }))));
    }

    private void bringBack(Around around, PictureLibrary pictures, Recovery.Left left) {
        thread.execute(() -> {
            try {
                PrototypeFile.Opened opened = Recovery.open(left);
                PictureShelf shelf = new PictureShelf();
                shelf.takeAll(PrototypeFile.pictures(opened.prototype()), opened.pictures());
                Platform.runLater(() -> {
                    pictures.from(shelf);
                    work.open(History.ofUnsaved(opened.prototype()), left.file(), shelf);
                    discard(left);
                });
            } catch (IOException | Unreadable e) {
                Platform.runLater(() -> around.say("It could not be brought back: " + e.getMessage()));
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

    /** The program ends in peace; nothing stays behind, once what is being written is written. A second time it does nothing. */
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
