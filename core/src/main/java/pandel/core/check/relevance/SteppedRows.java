package pandel.core.check.relevance;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/**
 * On which screens something asks for the row of a list that the place was come to from: those from where a link goes
 * to the row beside it. Nowhere else does the row make a difference besides what it gives.
 */
public final class SteppedRows {

    private final Set<String> screens = new HashSet<>();

    /** @param from the screens a link can be set off on */
    SteppedRows(Prototype prototype, Function<Way, List<Screen>> from) {
        prototype.index().ways().stream()
                .filter(w -> w.link().effects().anyMatch(Effect.StepRow.class::isInstance))
                .forEach(w -> from.apply(w).forEach(s -> screens.add(s.id())));
        // The pages of a sequence are one place.
        boolean more = !screens.isEmpty();
        while (more) {
            more = false;
            for (Sequence sequence : prototype.sequences()) {
                more |= sequence.pages().stream().anyMatch(screens::contains) && screens.addAll(sequence.pages());
            }
        }
    }

    /** Whether it matters which row a place of a screen was come to from. */
    public boolean matterOn(String screen) {
        return screens.contains(screen);
    }

    /** Whether a row of a repeated hotspot leads where it matters which of them it was. */
    public boolean isAnyStepped(Prototype prototype, Hotspot list) {
        return !screens.isEmpty()
                && list.links().stream()
                        .flatMap(l -> l.effects())
                        .flatMap(e -> e.target().stream())
                        .flatMap(t -> Targets.takers(prototype, t).stream())
                        .anyMatch(s -> screens.contains(s.id()));
    }

    boolean isAlike(SteppedRows other) {
        return screens.equals(other.screens);
    }
}
