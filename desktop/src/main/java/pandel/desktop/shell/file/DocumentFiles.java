package pandel.desktop.shell.file;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.core.edit.History;
import pandel.core.model.Prototype;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.shell.page.Handing;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.Question;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Preferred;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.picture.Thumbnails;
import pandel.files.report.Report;
import pandel.files.store.ChangedOutside;
import pandel.files.store.FileStamp;
import pandel.files.store.OpenMark;
import pandel.files.store.PictureShelf;
import pandel.files.store.PicturesGone;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** New, open, save. Reading and writing happen off the interface thread, each for the document it was begun for. */
public final class DocumentFiles {

    /**
     * What keeping needs besides.
     *
     * @param marks folder of the marks that say which files windows work on
     */
    public record Tools(FileChoosing choosing, Thumbnails thumbnails, Path marks) {}

    private static final Logger LOG = LoggerFactory.getLogger(DocumentFiles.class);
    private static final String SAVING = "being saved";

    private final Work work;
    private final Background background;
    private final Preferred preferred;
    private final Tools tools;
    private final Telling telling;
    private final Leaving leaving;

    public DocumentFiles(Work work, Background background, Preferred preferred, Tools tools, Telling telling) {
        this.work = work;
        this.background = background;
        this.preferred = preferred;
        this.tools = tools;
        this.telling = telling;
        this.leaving = new Leaving(work, telling, this::save);
    }

    /** Goes on at once when nothing of what is open would be lost; else asks first. */
    public void unlessUnsaved(Runnable then) {
        leaving.unlessLost(then);
    }

    public void startNew() {
        unlessUnsaved(() -> {
            try {
                show(Document.unkept(History.ofSaved(Prototype.empty("Untitled")), new PictureShelf()));
            } catch (IOException e) {
                telling.say("A new prototype cannot be started: the temporary folder cannot be written to.");
            }
        });
    }

    /** Opens a document in place of the one that is open, which is let go once nothing reads or writes it any more. */
    private void show(Document next) {
        Document before = work.document();
        if (before.place().map(Document.Place::mark).equals(next.place().map(Document.Place::mark))) {
            before.handOver();
        }
        work.open(next);
        background.last(before::close);
    }

    public void open() {
        unlessUnsaved(() -> tools.choosing().file().ifPresent(path -> open(path, true)));
    }

    public void openFolder() {
        unlessUnsaved(() -> tools.choosing().folder("Open a prototype folder").ifPresent(path -> open(path, true)));
    }

    /** @param keep whether saving writes to that file again; a sample is not written over */
    public void open(Path path, boolean keep) {
        Leaving.Consent agreed = leaving.consent();
        background.run(work.document(), Optional.empty(), "open “" + path.getFileName() + "”", () -> {
            Optional<FileStamp> asItIs = FileStamp.of(path);
            PrototypeFile.Opened opened;
            try {
                opened = PrototypeFile.open(path);
            } catch (Unreadable e) {
                return () -> refused(e);
            }
            return () -> leaving.unlessLost(agreed, () -> show(path, keep, asItIs, opened));
        });
    }

    private void show(Path path, boolean keep, Optional<FileStamp> asItIs, PrototypeFile.Opened opened) {
        PictureShelf shelf;
        try {
            shelf = new PictureShelf();
        } catch (IOException e) {
            telling.say("The temporary folder cannot be written to, so nothing was opened.");
            return;
        }
        shelf.add(opened.pictures());
        History history = History.ofSaved(opened.prototype());
        Optional<OpenMark> mark = keep ? mark(path, work.document()) : Optional.empty();
        show(mark.map(m -> Document.of(history, shelf, new Document.Place(path, asItIs, m)))
                .orElseGet(() -> Document.unkept(history, shelf)));
        if (keep) {
            preferred.change(p -> p.opened(path));
        }
        if (keep && mark.isEmpty()) {
            telling.ask(new Question(
                    "“" + path.getFileName()
                            + "” is open in another window too. What is saved there and here would overwrite each "
                            + "other.",
                    List.of("This window has it without its file: saving asks for another name."),
                    List.of(new Question.Answer("Go on", "main", () -> {}))));
        } else if (!opened.missing().isEmpty()) {
            telling.say(opened.missing().size()
                    + " pictures are missing from the file; their screens show their titles instead.");
        }
    }

    /**
     * Opens work that an earlier program left behind; it is not saved.
     *
     * @param then once it is open
     */
    void bringBack(
            Prototype prototype, PictureShelf shelf, Optional<Path> file, Optional<FileStamp> stamp, Runnable then) {
        unlessUnsaved(() -> {
            History history = History.ofUnsaved(prototype);
            Optional<Document.Place> place =
                    file.flatMap(path -> mark(path, work.document()).map(m -> new Document.Place(path, stamp, m)));
            show(place.map(p -> Document.of(history, shelf, p)).orElseGet(() -> Document.unkept(history, shelf)));
            then.run();
        });
    }

    public void save() {
        save(() -> {});
    }

    private void save(Runnable then) {
        Document document = work.document();
        if (document.kept().isPresent()) {
            // Where it is kept then: a save under another name may still be running.
            write(() -> document.place().orElseThrow().path(), Optional.empty(), then);
        } else {
            saveAs(then);
        }
    }

    public void saveAs() {
        saveAs(() -> {});
    }

    /** Saves what the checks say. */
    public void report(Report as) {
        String name = nameOffered();
        made().save(
                        "report",
                        name + " checks",
                        as.ending(),
                        (checked, document, course) -> as.of(checked, name + ".pandel", document.shelf())
                                .getBytes(StandardCharsets.UTF_8));
    }

    /** What others can open who do not have Pandel. */
    public Handing handing() {
        return new HandingOn(preferred, made(), this::nameOffered);
    }

    /** Saves the remarks as a file of their own. */
    public void saveRemarks() {
        new RemarkFiles(work, background, tools.choosing(), telling).save(nameOffered() + " remarks.json");
    }

    /**
     * Takes remarks of a file in.
     *
     * @param then once they are there
     */
    public void takeRemarks(Runnable then) {
        new RemarkFiles(work, background, tools.choosing(), telling).take(then);
    }

    /** Brings another's changes in. */
    public void merge(PageHost around) {
        new Merging(work, background, tools.choosing(), telling, around).begin();
    }

    private MadeSaving made() {
        return new MadeSaving(work, background, tools.choosing(), telling);
    }

    /** The title as a file can be called. */
    private String nameOffered() {
        String name = work.prototype()
                .title()
                .replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]+", " ")
                .strip();
        return name.isEmpty() ? "prototype" : name;
    }

    private void saveAs(Runnable then) {
        tools.choosing().saveAs(nameOffered() + ".pandel").ifPresent(path -> {
            boolean named = path.getFileName().toString().contains(".");
            Path file = named ? path : path.resolveSibling(path.getFileName() + ".pandel");
            write(() -> file, Optional.of(FileStamp.now(file)), then);
        });
    }

    public void saveAsFolder() {
        tools.choosing()
                .folder("Save as a folder")
                .ifPresent(path -> write(() -> path, Optional.of(FileStamp.now(path)), () -> {}));
    }

    /**
     * @param agreed how the file was when the person chose to write over it; empty: what the document knows of it
     *     counts
     */
    private void write(Supplier<Path> to, Optional<FileStamp> agreed, Runnable then) {
        Document document = work.document();
        Prototype written = work.prototype();
        background.run(document, Optional.of(SAVING), "save", () -> {
            Path path = to.get();
            try {
                return write(document, written, path, agreed, then);
            } catch (ChangedOutside e) {
                return () -> askAboutChange(document, path, then);
            } catch (PicturesGone e) {
                return () -> askAboutGone(document, e, path, agreed, then);
            } catch (Unreadable e) {
                return () -> refused(e);
            }
        });
    }

    /** Off the interface thread: nobody else reads or writes for this document meanwhile. */
    private Runnable write(Document document, Prototype written, Path path, Optional<FileStamp> agreed, Runnable then)
            throws Unreadable {
        Optional<Document.Place> ours = document.place().filter(p -> p.path().equals(path));
        Optional<FileStamp> as = agreed.or(() -> ours.flatMap(Document.Place::stamp));
        if (as.isEmpty() && Files.exists(path)) {
            return () -> askAboutChange(document, path, then);
        }
        Optional<OpenMark> mark = ours.isPresent() ? ours.map(Document.Place::mark) : mark(path, document);
        if (mark.isEmpty()) {
            return () ->
                    telling.say("“" + path.getFileName() + "” is open in another window; save under another name.");
        }
        if (Files.isDirectory(path)) {
            PrototypeSaving.toFolder(written, path, document.shelf(), as);
        } else {
            PrototypeSaving.toFile(written, path, document.shelf(), as);
        }
        Document.Place place = new Document.Place(path, FileStamp.of(path), mark.get());
        document.wrote(place);
        return () -> {
            preferred.change(p -> p.opened(path));
            work.saved(document, written, place);
            then.run();
        };
    }

    /**
     * Marks a file as worked on by this window, for a document; without a place to keep marks nothing is in the way.
     * Empty: another window has it.
     */
    private Optional<OpenMark> mark(Path path, Document document) {
        Optional<OpenMark> own =
                document.place().filter(p -> p.path().equals(path)).map(Document.Place::mark);
        if (own.isPresent()) {
            return own;
        }
        try {
            return OpenMark.on(path, tools.marks());
        } catch (IOException e) {
            LOG.warn("It cannot be told whether other windows work on {}: {}", path, e.getMessage());
            return Optional.of(OpenMark.NONE);
        }
    }

    /** Whether somebody else has written to the open file: then it is asked what is to count. */
    public void lookOutside() {
        Document document = work.document();
        Optional<Document.Place> place = document.place();
        if (place.isEmpty()
                || place.get().stamp().isEmpty()
                || telling.isAsking()
                || !document.running().isEmpty()) {
            return;
        }
        Path path = place.get().path();
        Optional<FileStamp> now = FileStamp.of(path);
        if (now.isPresent() && !now.equals(place.get().stamp())) {
            // Only who keeps what is here agrees to write over the other: while that is read, a save asks again.
            Question.Answer keep = new Question.Answer("Keep mine", work.isSaved() ? "plain" : "main", () -> {
                work.accept(document, now);
                telling.say("What is here stays; the next save writes over the other.");
            });
            Question.Answer load = new Question.Answer(
                    "Load it again",
                    work.isSaved() ? "main" : "danger",
                    () -> ifStillOpen(document, () -> open(path, true)));
            telling.ask(new Question(
                    "“" + path.getFileName() + "” was changed by another program.",
                    work.isSaved() ? List.of() : List.of("Your changes since the last save are not in it."),
                    work.isSaved() ? List.of(load, keep) : List.of(keep, load),
                    keep));
        }
    }

    /** What is answered late does nothing to what is open by then. */
    private void ifStillOpen(Document document, Runnable then) {
        if (work.document() == document) {
            then.run();
        } else {
            telling.say("What that was asked about is not open any more, so nothing was done.");
        }
    }

    private void askAboutChange(Document document, Path path, Runnable then) {
        telling.ask(new Question(
                "“" + path.getFileName() + "” was changed by another program since it was opened.",
                List.of(),
                List.of(
                        new Question.Answer(
                                "Save under another name…", "main", () -> ifStillOpen(document, () -> saveAs(then))),
                        new Question.Answer(
                                "Save over it",
                                "danger",
                                () -> ifStillOpen(
                                        document, () -> write(() -> path, Optional.of(FileStamp.now(path)), then))),
                        new Question.Answer("Do not save now", "plain", () -> {}))));
    }

    private void askAboutGone(
            Document document, PicturesGone gone, Path path, Optional<FileStamp> agreed, Runnable then) {
        Question.Answer not = new Question.Answer("Do not save now", "main", () -> {});
        telling.ask(new Question(
                gone.sentence(),
                List.of("Nothing was saved yet. Without them their screens show their titles, and keep hotspots "
                        + "and links."),
                List.of(
                        not,
                        new Question.Answer(
                                "Save without them",
                                "danger",
                                () -> ifStillOpen(document, () -> {
                                    document.shelf().giveUp(gone.contents());
                                    write(() -> path, agreed, then);
                                }))),
                not));
    }

    private void refused(Unreadable e) {
        LOG.info("Refused: {}", e.sentence());
        telling.ask(new Question(e.sentence(), List.of(), List.of(new Question.Answer("Go on", "main", () -> {}))));
    }

    /** The window is closed; what is open is let go once nothing reads or writes it any more. */
    public void end() {
        Document document = work.document();
        if (document.running().isEmpty()) {
            document.close();
        } else {
            background.last(document::close);
        }
    }
}
