package pandel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pandel.core.model.Prototype;

/**
 * Every prototype since opening, and which one is now. Whole prototypes are kept; they share what did not change.
 * Immutable. "Saved" is the identity of a prototype, not a flag.
 */
public final class History {

    /** The most steps that undo goes back. */
    public static final int LIMIT = 500;

    private record Moment(Prototype prototype, String name, Optional<String> joins) {}

    private final List<Moment> moments;
    private final int now;
    private final @Nullable Prototype saved;

    private History(List<Moment> moments, int now, @Nullable Prototype saved) {
        this.moments = List.copyOf(moments);
        this.now = now;
        this.saved = saved;
    }

    /** A history that begins with a prototype as it stands in its file. */
    public static History ofSaved(Prototype prototype) {
        return new History(List.of(new Moment(prototype, "", Optional.empty())), 0, prototype);
    }

    /** A history that begins with a prototype no file holds. */
    public static History ofUnsaved(Prototype prototype) {
        return new History(List.of(new Moment(prototype, "", Optional.empty())), 0, null);
    }

    public Prototype prototype() {
        return moments.get(now).prototype();
    }

    /** The history after an edit; itself when the edit changes nothing. What was undone is gone. */
    public History after(Edit edit) {
        Prototype before = prototype();
        Prototype changed = edit.applyTo(before);
        if (changed.equals(before)) {
            return this;
        }
        Moment last = moments.get(now);
        boolean joined =
                now > 0 && edit.joins().isPresent() && edit.joins().equals(last.joins()) && last.prototype() != saved;
        List<Moment> kept = new ArrayList<>(moments.subList(0, joined ? now : now + 1));
        if (kept.size() > LIMIT) {
            kept.removeFirst();
        }
        kept.add(new Moment(changed, edit.name(), edit.joins()));
        return new History(kept, kept.size() - 1, saved);
    }

    /** What undo would take back. */
    public Optional<String> undoName() {
        return now == 0 ? Optional.empty() : Optional.of(moments.get(now).name());
    }

    /** What redo would bring again. */
    public Optional<String> redoName() {
        return now == moments.size() - 1
                ? Optional.empty()
                : Optional.of(moments.get(now + 1).name());
    }

    public History undone() {
        return now == 0 ? this : new History(moments, now - 1, saved);
    }

    public History redone() {
        return now == moments.size() - 1 ? this : new History(moments, now + 1, saved);
    }

    /** The same where no file holds any of it any more. */
    public History unsaved() {
        return new History(moments, now, null);
    }

    /** The same history, that prototype of it being what the file holds. */
    public History saved(Prototype written) {
        return new History(moments, now, written);
    }

    /** Whether the file holds the prototype as it is now. */
    public boolean isSaved() {
        return prototype() == saved;
    }
}
