package pandel.desktop.work;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Subscription;
import pandel.core.check.Checked;
import pandel.core.cover.Coverage;
import pandel.core.edit.Edit;
import pandel.core.edit.History;
import pandel.core.edit.Naming;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Screen;
import pandel.core.version.Changes;
import pandel.files.store.FileStamp;
import pandel.files.store.PictureShelf;

/**
 * The open document, what is chosen in it and what the checks say of it, for views to follow. Used on the interface
 * thread alone.
 */
public final class Work {

    private final ReadOnlyObjectWrapper<Document> document;
    private final ReadOnlyObjectWrapper<History> history;
    private final ReadOnlyObjectWrapper<Prototype> prototype;
    private final ReadOnlyObjectWrapper<Optional<Checked>> checked = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Document.Kept>> kept = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Device> device;
    private final ReadOnlyObjectWrapper<Optional<Version>> compared = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Settling settling = new Settling();
    private final Selection selection = new Selection(settling);
    private final Checking checking;
    private final ReadOnlyObjectWrapper<Optional<Throwable>> stopped = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Naming naming;
    private Optional<Coverage> coverage = Optional.empty();
    private Map<String, List<String>> alike = Map.of();
    private Map<String, List<String>> changed = Map.of();
    private Prototype changedIn;
    private Optional<Version> changedSince = Optional.empty();

    /**
     * @param patience waits, off the interface thread, until what is to be seen first after opening is in sight; then
     *     the checks begin
     */
    public Work(Naming naming, PictureShelf shelf, Runnable patience) {
        this(
                naming,
                shelf,
                Executors.newSingleThreadExecutor(
                        Thread.ofPlatform().name("checking").daemon().factory()),
                Platform::runLater,
                patience);
    }

    /**
     * With threads given.
     *
     * @param checks where the checks run
     * @param window the interface thread, later
     */
    public Work(Naming naming, PictureShelf shelf, Executor checks, Executor window, Runnable patience) {
        this.checking = new Checking(checks, window, patience);
        this.naming = naming;
        History start = History.ofSaved(Prototype.empty(""));
        this.changedIn = start.prototype();
        this.document = new ReadOnlyObjectWrapper<>(Document.unkept(start, shelf));
        this.history = new ReadOnlyObjectWrapper<>(start);
        this.prototype = new ReadOnlyObjectWrapper<>(start.prototype());
        this.device = new ReadOnlyObjectWrapper<>(start.prototype().devices().getFirst());
        prototype.subscribe((was, is) -> settling.changed());
        device.subscribe((was, is) -> settling.changed());
    }

    /**
     * Follows prototype, device and what is chosen: told once for whatever changes together, when all of it has.
     *
     * @param listener asks this for what there is now
     */
    public Subscription follow(Runnable listener) {
        return settling.subscribe(listener);
    }

    /** Opens another document in place of this one, which is left for good. */
    public void open(Document opened) {
        settling.during(() -> {
            coverage = Optional.empty();
            compared.set(Optional.empty());
            alike = Map.of();
            checked.set(Optional.empty());
            selection.choose("");
            document.set(opened);
            kept.set(opened.kept());
            follow(opened.history(), true);
        });
    }

    /** What is open. */
    public Document document() {
        return document.get();
    }

    public ReadOnlyObjectProperty<Document> documentProperty() {
        return document.getReadOnlyProperty();
    }

    private void follow(History next) {
        follow(next, false);
    }

    private void follow(History next, boolean justOpened) {
        settling.during(() -> {
            document.get().follow(next);
            history.set(next);
            if (next.prototype() == prototype.get()) {
                return;
            }
            prototype.set(next.prototype());
            device.set(next.prototype().device(device.get().id()));
            selection.follow(next.prototype());
            checking.check(next.prototype(), justOpened, told);
        });
    }

    private final Checking.Told told = new Checking.Told() {
        @Override
        public void checked(Checked result, Coverage travelled) {
            coverage = Optional.of(travelled);
            stopped.set(Optional.empty());
            document.get().everShown().addAll(result.shown());
            checked.set(Optional.of(result));
        }

        @Override
        public void stopped(Throwable why) {
            coverage = Optional.empty();
            checked.set(Optional.empty());
            stopped.set(Optional.of(why));
        }
    };

    /** Why the checks of the prototype as it is came to no end, if so; then there is no result, old or new. */
    public ReadOnlyObjectProperty<Optional<Throwable>> stoppedProperty() {
        return stopped.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Prototype> prototypeProperty() {
        return prototype.getReadOnlyProperty();
    }

    public Prototype prototype() {
        return prototype.get();
    }

    public ReadOnlyObjectProperty<History> historyProperty() {
        return history.getReadOnlyProperty();
    }

    /** The newest result of the checks; it may be of an earlier prototype for a moment. */
    public ReadOnlyObjectProperty<Optional<Checked>> checkedProperty() {
        return checked.getReadOnlyProperty();
    }

    public Optional<Checked> checked() {
        return checked.get();
    }

    /** How much the journeys travel, as of the newest result of the checks. */
    public Optional<Coverage> coverage() {
        return coverage;
    }

    /** The file it is kept in; empty until it is first saved. */
    public ReadOnlyObjectProperty<Optional<Document.Kept>> keptProperty() {
        return kept.getReadOnlyProperty();
    }

    /** The device it is looked at and played on. */
    public ReadOnlyObjectProperty<Device> deviceProperty() {
        return device.getReadOnlyProperty();
    }

    public Device device() {
        return device.get();
    }

    public Width width() {
        return prototype().widths().of(device.get().width());
    }

    public void use(Device chosen) {
        device.set(chosen);
    }

    /** For each screen that has any, ids of those whose pictures are like its own, as last looked at. */
    public Map<String, List<String>> alike() {
        return alike;
    }

    public void alike(Map<String, List<String>> found) {
        alike = Map.copyOf(found);
    }

    /** The version since which cards say what changed. */
    public ReadOnlyObjectProperty<Optional<Version>> comparedProperty() {
        return compared.getReadOnlyProperty();
    }

    public void compareWith(Optional<Version> version) {
        compared.set(version);
    }

    /** Ids of the screens that changed since the version compared with; of all changes to each the sentences. */
    public Map<String, List<String>> changedScreens() {
        if (changedIn == prototype.get() && changedSince == compared.get()) {
            return changed;
        }
        changedIn = prototype.get();
        changedSince = compared.get();
        changed = new LinkedHashMap<>();
        compared.get()
                .filter(v -> v.content() instanceof Version.Content.Kept)
                .ifPresent(v -> Changes.between(((Version.Content.Kept) v.content()).prototype(), prototype.get())
                        .forEach(c -> c.screen()
                                .ifPresent(id -> changed.computeIfAbsent(id, x -> new ArrayList<>())
                                        .add(c.sentence()))));
        return changed;
    }

    public Selection selection() {
        return selection;
    }

    /** The chosen screen. */
    public Optional<Screen> screen() {
        return prototype.get().screen(selection.screen());
    }

    /** The screens chosen together, in the order of the prototype; none when fewer than two are. */
    public List<Screen> together() {
        return selection.together().stream()
                .flatMap(id -> prototype.get().screen(id).stream())
                .toList();
    }

    public PictureShelf shelf() {
        return document.get().shelf();
    }

    /** A new id of a title's words; never one that was given out before and may not stand in the prototype yet. */
    public String freshId(String title) {
        Set<String> taken = prototype.get().index().ids();
        taken.addAll(document.get().issued());
        String id = naming.fresh(title, taken);
        document.get().issued().add(id);
        return id;
    }

    public Naming naming() {
        return naming;
    }

    public void edit(Edit edit) {
        follow(document.get().history().after(edit));
    }

    public void undo() {
        follow(document.get().history().undone());
    }

    public void redo() {
        follow(document.get().history().redone());
    }

    public boolean isSaved() {
        return history.get().isSaved();
    }

    /** Notes that a prototype of a document was written to a file, whether it is still open or not. */
    public void saved(Document of, Prototype written, Document.Place in) {
        of.saved(written, in);
        if (of == document.get()) {
            kept.set(of.kept());
            history.set(of.history());
        }
    }

    /** Notes that the file of a document is as it is now, and that what is open counts all the same. */
    public void accept(Document of, Optional<FileStamp> stamp) {
        of.accept(stamp);
        if (of == document.get()) {
            history.set(of.history());
        }
    }

    /** Screens shown earlier in this sitting that no way of using the prototype shows any more. */
    public List<Screen> stranded() {
        return checked.get().map(Checked::unreached).orElse(List.of()).stream()
                .filter(s -> document.get().everShown().contains(s.id()))
                .toList();
    }

    /** Screens not shown, and not shown before: still to be linked. */
    public List<Screen> notLinkedYet() {
        return checked.get().map(Checked::unreached).orElse(List.of()).stream()
                .filter(s -> !document.get().everShown().contains(s.id()))
                .toList();
    }
}
