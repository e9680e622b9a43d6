package pandel.desktop.shell;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.core.edit.History;
import pandel.core.edit.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.work.Preferred;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.gather.Gathering;
import pandel.files.picture.Thumbnails;
import pandel.files.store.FileStamp;
import pandel.files.store.OpenMark;
import pandel.files.store.PictureShelf;
import pandel.files.store.PicturesGone;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** New, open, save, and pictures taken in. Reading and writing happen off the interface thread. */
public final class Keeping {

    /**
     * What keeping needs besides.
     *
     * @param marks folder of the marks that say which files windows work on
     */
    public record Tools(FileChoosing choosing, Thumbnails thumbnails, Path marks) {
    }

    private static final Logger LOG = LoggerFactory.getLogger(Keeping.class);

    private final Work work;
    private final PictureLibrary pictures;
    private final Preferred preferred;
    private final Tools tools;
    private final QuestionPane questions;
    private final Said said;
    private volatile Optional<Path> file = Optional.empty();
    private volatile Optional<FileStamp> stamp = Optional.empty();
    private volatile Optional<OpenMark> mark = Optional.empty();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(Thread.ofPlatform().name("files").daemon().factory());

    Keeping(Work work, PictureLibrary pictures, Preferred preferred, Tools tools, QuestionPane questions, Said said) {
        this.work = work;
        this.pictures = pictures;
        this.preferred = preferred;
        this.tools = tools;
        this.questions = questions;
        this.said = said;
    }

    void startNew() {
        unlessUnsaved(() -> {
            try {
                PictureShelf shelf = new PictureShelf();
                discard(work.shelf());
                pictures.from(shelf);
                follow(Optional.empty(), Optional.empty(), Optional.empty());
                work.open(History.ofSaved(Prototype.empty("Untitled")), Optional.empty(), shelf);
            } catch (IOException e) {
                said.say("A new prototype cannot be started: the temporary folder cannot be written to.");
            }
        });
    }

    /** Clears what a prototype that is left had taken in, once nothing is being written any more. */
    private void discard(PictureShelf old) {
        thread.execute(() -> {
            try {
                old.close();
            } catch (IOException e) {
                LOG.warn("Left-over pictures in the temporary folder: {}", e.getMessage());
            }
        });
    }

    void open() {
        unlessUnsaved(() -> tools.choosing().file().ifPresent(path -> open(path, true)));
    }

    void openFolder() {
        unlessUnsaved(() -> tools.choosing().folder("Open a prototype folder").ifPresent(path -> open(path, true)));
    }

    /** @param keep whether saving writes to that file again; a sample is not written over */
    void open(Path path, boolean keep) {
        thread.execute(() -> {
            try {
                Optional<FileStamp> asItIs = FileStamp.of(path);
                PrototypeFile.Opened opened = PrototypeFile.open(path);
                PictureShelf shelf = new PictureShelf();
                shelf.add(opened.pictures());
                Optional<OpenMark> made = keep ? mark(path) : Optional.empty();
                Platform.runLater(() -> {
                    discard(work.shelf());
                    pictures.from(shelf);
                    boolean ours = keep && made.isPresent();
                    follow(keep ? Optional.of(path) : Optional.empty(), ours ? asItIs : Optional.empty(), made);
                    work.open(History.ofSaved(opened.prototype()), ours ? Optional.of(path) : Optional.empty(), shelf);
                    if (keep) {
                        preferred.change(p -> p.opened(path));
                    }
                    if (keep && made.isEmpty()) {
                        questions.ask(new Question("“" + path.getFileName() + "” is open in another window too. What is saved there and here would overwrite each other.",
                                List.of("This window has it without its file: saving asks for another name."), List.of(new Question.Answer("Go on", "main", () -> { }))));
                    } else if (!opened.missing().isEmpty()) {
                        said.say(opened.missing().size() + " pictures are missing from the file; their screens show their titles instead.");
                    }
                });
            } catch (Unreadable e) {
                Platform.runLater(() -> refused(e));
            } catch (IOException e) {
                Platform.runLater(() -> said.say("The temporary folder cannot be written to, so nothing was opened."));
            }
        });
    }

    void save() {
        save(() -> { });
    }

    private void save(Runnable then) {
        work.keptProperty().get().ifPresentOrElse(kept -> write(kept.path(), then), () -> saveAs(then));
    }

    void saveAs() {
        saveAs(() -> { });
    }

    private void saveAs(Runnable then) {
        String name = work.prototype().title().replaceAll("[\\\\/:*?\"<>|]+", " ").strip();
        tools.choosing().saveAs((name.isEmpty() ? "prototype" : name) + ".pandel").ifPresent(path -> {
            boolean named = path.getFileName().toString().contains(".");
            write(named ? path : path.resolveSibling(path.getFileName() + ".pandel"), then);
        });
    }

    void saveAsFolder() {
        tools.choosing().folder("Save as a folder").ifPresent(path -> write(path, () -> { }));
    }

    private void write(Path path, Runnable then) {
        Prototype written = work.prototype();
        PictureShelf shelf = work.shelf();
        boolean ours = work.keptProperty().get().filter(k -> k.path().equals(path)).isPresent();
        thread.execute(() -> {
            try {
                if (ours && !FileStamp.of(path).equals(stamp) && Files.exists(path)) {
                    Platform.runLater(() -> askAboutChange(path, then));
                    return;
                }
                Optional<OpenMark> fresh = ours ? mark : mark(path);
                if (fresh.isEmpty()) {
                    Platform.runLater(() -> said.say("“" + path.getFileName() + "” is open in another window; save under another name."));
                    return;
                }
                if (Files.isDirectory(path)) {
                    PrototypeSaving.toFolder(written, path, shelf);
                } else {
                    PrototypeSaving.toFile(written, path, shelf);
                }
                Optional<FileStamp> asItIs = FileStamp.of(path);
                Platform.runLater(() -> {
                    follow(Optional.of(path), asItIs, fresh);
                    preferred.change(p -> p.opened(path));
                    work.saved(written, path);
                    then.run();
                });
            } catch (PicturesGone e) {
                Platform.runLater(() -> askAboutGone(e, path, then));
            } catch (Unreadable e) {
                Platform.runLater(() -> refused(e));
            }
        });
    }

    /** Marks a file as worked on by this window; without a place to keep marks nothing is in the way. */
    private Optional<OpenMark> mark(Path path) {
        if (file.equals(Optional.of(path)) && mark.isPresent()) {
            return mark;
        }
        try {
            return OpenMark.on(path, tools.marks());
        } catch (IOException e) {
            LOG.warn("It cannot be told whether other windows work on {}: {}", path, e.getMessage());
            return Optional.of(OpenMark.NONE);
        }
    }

    /** Works on another file from now on, or on none. */
    private void follow(Optional<Path> path, Optional<FileStamp> asItIs, Optional<OpenMark> fresh) {
        if (!mark.equals(fresh)) {
            mark.ifPresent(Keeping::letGo);
        }
        file = path;
        stamp = asItIs;
        mark = fresh;
    }

    private static void letGo(OpenMark mark) {
        try {
            mark.close();
        } catch (IOException e) {
            LOG.warn("A mark on an open file stays until the program ends: {}", e.getMessage());
        }
    }

    /** The window is closed; other windows may work on its file. */
    void end() {
        follow(Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Whether somebody else has written to the open file: then it is asked what is to count. */
    void lookOutside() {
        Optional<Path> kept = work.keptProperty().get().map(Work.Kept::path);
        if (kept.isEmpty() || stamp.isEmpty() || questions.isVisible()) {
            return;
        }
        Optional<FileStamp> now = FileStamp.of(kept.get());
        if (now.isPresent() && !now.equals(stamp)) {
            stamp = now;
            questions.ask(new Question("“" + kept.get().getFileName() + "” was changed by another program.",
                    work.isSaved() ? List.of() : List.of("Your changes since the last save are not in it."), List.of(
                    new Question.Answer("Load it again", "main", () -> open(kept.get(), true)),
                    new Question.Answer("Keep mine", "plain", () -> said.say("What is here stays; the next save writes over the other.")))));
        }
    }

    private void askAboutChange(Path path, Runnable then) {
        questions.ask(new Question("“" + path.getFileName() + "” was changed by another program since it was opened.", List.of(), List.of(
                new Question.Answer("Save over it", "danger", () -> {
                    stamp = FileStamp.of(path);
                    write(path, then);
                }),
                new Question.Answer("Save under another name…", "main", () -> saveAs(then)),
                new Question.Answer("Do not save now", "plain", () -> { }))));
    }

    private void askAboutGone(PicturesGone gone, Path path, Runnable then) {
        questions.ask(new Question(gone.sentence(), List.of("Nothing was saved yet. Without them their screens show their titles, and keep hotspots and links."), List.of(
                new Question.Answer("Save without them", "danger", () -> {
                    work.shelf().giveUp(gone.contents());
                    write(path, then);
                }),
                new Question.Answer("Do not save now", "main", () -> { }))));
    }

    /** Goes on at once when all is saved; else asks first. */
    void unlessUnsaved(Runnable then) {
        if (work.isSaved()) {
            then.run();
            return;
        }
        questions.ask(new Question("“" + title() + "” has changes that are not saved.", List.of(), List.of(
                new Question.Answer("Save them", "main", () -> save(then)),
                new Question.Answer("Lose them", "danger", then),
                new Question.Answer("Keep working", "plain", () -> { }))));
    }

    private String title() {
        return work.prototype().title().isBlank() ? "This prototype" : work.prototype().title();
    }

    void gatherFolder() {
        tools.choosing().folder("Pictures from a folder").ifPresent(path -> gather(List.of(path)));
    }

    /** Where files are read and written, one thing after the other. */
    Executor thread() {
        return thread;
    }

    /** Takes pictures in, with progress; can be stopped, and then nothing was taken. */
    void gather(List<Path> paths) {
        AtomicBoolean stopped = new AtomicBoolean();
        PictureShelf shelf = work.shelf();
        Set<String> ids = work.prototype().index().ids();
        thread.execute(() -> {
            try {
                List<Path> files = Gathering.find(paths);
                Platform.runLater(() -> showProgress(0, files.size(), stopped));
                Optional<Gathering.Gathered> gathered = new Gathering(shelf, tools.thumbnails(), work.prototype().widths()).take(files, ids, work.naming(),
                        done -> Platform.runLater(() -> showProgress(done, files.size(), stopped)), stopped::get);
                Platform.runLater(() -> {
                    said.done();
                    gathered.ifPresentOrElse(this::taken, () -> said.say("Stopped; no picture was taken in."));
                });
            } catch (Unreadable e) {
                Platform.runLater(() -> said.say(e.sentence()));
            }
        });
    }

    private void showProgress(int done, int all, AtomicBoolean stopped) {
        if (!stopped.get()) {
            said.progress("Taking in " + all + " pictures: " + done + " done", (double) done / all, () -> stopped.set(true));
        }
    }

    private void taken(Gathering.Gathered gathered) {
        if (!gathered.screens().isEmpty()) {
            // Ids were chosen when this began; what was made since may have taken one.
            Set<String> taken = work.prototype().index().ids();
            work.edit(ScreenEdits.add(gathered.screens().stream()
                    .map(s -> taken.contains(s.id()) ? s.withId(work.freshId(s.title())) : s).toList()));
            work.selection().choose(work.prototype().screens().get(work.prototype().screens().size() - gathered.screens().size()).id());
        }
        int n = gathered.screens().size();
        if (gathered.problems().isEmpty()) {
            said.say(n == 1 ? "One picture was taken in." : n + " pictures were taken in.");
            return;
        }
        List<String> lines = new ArrayList<>(gathered.problems());
        questions.ask(new Question(n + " of " + (n + lines.size()) + " pictures were taken in. Not these:", lines,
                List.of(new Question.Answer("Go on", "main", () -> { }))));
    }

    private void refused(Unreadable e) {
        LOG.info("Refused: {}", e.sentence());
        questions.ask(new Question(e.sentence(), List.of(), List.of(new Question.Answer("Go on", "main", () -> { }))));
    }
}
