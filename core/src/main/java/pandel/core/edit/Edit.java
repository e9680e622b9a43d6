package pandel.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import pandel.core.model.Prototype;

/**
 * One change of a prototype.
 *
 * @param name what a person reads after "Undo": "link Reserve to Choose dates"
 * @param change pure; returns its argument itself when there is nothing to change
 * @param joins edits in a row with the same value here count as one for undo (a hotspot nudged ten times)
 */
public record Edit(String name, UnaryOperator<Prototype> change, Optional<String> joins) {

    /** An edit that stands on its own in the undo list. */
    public static Edit of(String name, UnaryOperator<Prototype> change) {
        return new Edit(name, change, Optional.empty());
    }

    /** Edits one after another, as one. */
    public static Edit all(String name, List<Edit> edits) {
        return of(name, p -> {
            Prototype now = p;
            for (Edit edit : edits) {
                now = edit.applyTo(now);
            }
            return now;
        });
    }

    /** The same edit, joined in undo with its like. */
    public Edit joining(String key) {
        return new Edit(name, change, Optional.of(key));
    }

    public Prototype applyTo(Prototype prototype) {
        return change.apply(prototype);
    }
}
