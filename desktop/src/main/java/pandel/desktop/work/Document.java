package pandel.desktop.work;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.core.edit.History;
import pandel.core.model.Prototype;
import pandel.files.store.FileStamp;
import pandel.files.store.OpenMark;
import pandel.files.store.PictureShelf;

/**
 * One thing that is or was open: a prototype with its history, its file, its pictures and the work that runs for it.
 * What comes back from another thread acts on the document it was begun for, whatever is open by then. Equal to itself
 * alone. History and running work are for the interface thread; where it is kept is for the thread that reads and
 * writes files too.
 */
public final class Document {

    /** Where it is kept, and since when. */
    public record Kept(Path path, LocalTime at) {}

    /**
     * The file as this document last knew it.
     *
     * @param stamp empty when it is not known how the file was: then it is asked before the file is written over
     * @param mark says to other windows that this one works on the file
     */
    public record Place(Path path, Optional<FileStamp> stamp, OpenMark mark) {}

    private static final Logger LOG = LoggerFactory.getLogger(Document.class);

    private final PictureShelf shelf;
    private final Set<String> issued = new HashSet<>();
    private final Set<String> everShown = new HashSet<>();
    private final List<String> running = new ArrayList<>();
    private final List<Runnable> whenIdle = new ArrayList<>();
    private History history;
    private Optional<Kept> kept = Optional.empty();
    private volatile Optional<Place> place = Optional.empty();

    private Document(History history, PictureShelf shelf) {
        this.history = history;
        this.shelf = shelf;
    }

    /** One that no file holds. */
    public static Document unkept(History history, PictureShelf shelf) {
        return new Document(history, shelf);
    }

    /** One read from a file, to which it is saved again. */
    public static Document of(History history, PictureShelf shelf, Place place) {
        Document document = new Document(history, shelf);
        document.place = Optional.of(place);
        document.kept = Optional.of(new Kept(place.path(), LocalTime.now(ZoneId.systemDefault())));
        return document;
    }

    public History history() {
        return history;
    }

    public Prototype prototype() {
        return history.prototype();
    }

    public PictureShelf shelf() {
        return shelf;
    }

    /** Empty until it is first saved. */
    public Optional<Kept> kept() {
        return kept;
    }

    /** The file it works on. */
    public Optional<Place> place() {
        return place;
    }

    /** Ids given out for it, whether they stand in it or not. */
    Set<String> issued() {
        return issued;
    }

    /** Ids of the screens that were shown at any time since it was opened. */
    Set<String> everShown() {
        return everShown;
    }

    void follow(History next) {
        history = next;
    }

    /** Works on this file from now on, which was written just now; for the thread that wrote it. */
    public void wrote(Place next) {
        Optional<Place> before = place;
        place = Optional.of(next);
        before.filter(p -> p.mark() != next.mark()).ifPresent(Document::letGo);
    }

    /** The same file is worked on by another document from now on, in this one's stead. */
    public void handOver() {
        place = Optional.empty();
    }

    /** Notes that the file is as it is now, and that what is open counts all the same: the file does not hold it. */
    void accept(Optional<FileStamp> stamp) {
        history = history.unsaved();
        place = place.map(p -> new Place(p.path(), stamp, p.mark()));
    }

    /** A prototype of its history is what the file holds. */
    void saved(Prototype written, Place in) {
        history = history.saved(written);
        kept = Optional.of(new Kept(in.path(), LocalTime.now(ZoneId.systemDefault())));
    }

    /**
     * Something runs for it.
     *
     * @param what in words that go on after "is still"
     */
    public void begin(String what) {
        running.add(what);
    }

    /**
     * It ended, well or not.
     *
     * @param then what comes of it, before those who waited for the end go on
     */
    public void end(String what, Runnable then) {
        running.remove(what);
        try {
            then.run();
        } finally {
            goOn();
        }
    }

    private void goOn() {
        if (running.isEmpty()) {
            List<Runnable> waiting = List.copyOf(whenIdle);
            whenIdle.clear();
            waiting.forEach(Runnable::run);
        }
    }

    /** What runs for it, the oldest first. */
    public List<String> running() {
        return List.copyOf(running);
    }

    /** Runs it once nothing else runs for this document. */
    public void whenIdle(Runnable then) {
        if (running.isEmpty()) {
            then.run();
        } else {
            whenIdle.add(then);
        }
    }

    /** It is left for good: others may work on its file, and what was taken in and not saved goes. */
    public void close() {
        place.ifPresent(Document::letGo);
        place = Optional.empty();
        try {
            shelf.close();
        } catch (IOException e) {
            LOG.warn("Left-over pictures in the temporary folder: {}", e.getMessage());
        }
    }

    private static void letGo(Place place) {
        try {
            place.mark().close();
        } catch (IOException e) {
            LOG.warn("A mark on an open file stays until the program ends: {}", e.getMessage());
        }
    }
}
