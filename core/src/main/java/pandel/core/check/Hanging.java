package pandel.core.check;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/**
 * What would never be shown without one screen, and without each of the links that lead out of it or into it.
 *
 * @param onScreen ids of the other screens that are come to through it alone
 * @param onLinks by a link's id, the ids of the screens that hang on it alone; links with nothing on them are left out
 */
public record Hanging(Set<String> onScreen, Map<String, Set<String>> onLinks) {

    /**
     * Looks again without the screen and without each link; empty when called off. Costs a search of the prototype for
     * each link. May be run on any thread.
     */
    public static Optional<Hanging> of(Checked checked, Screen screen, BooleanSupplier calledOff) {
        Prototype p = checked.prototype();
        Set<String> onScreen =
                lost(checked, ScreenEdits.status(screen, Status.PARKED).applyTo(p), calledOff);
        onScreen.remove(screen.id());
        Map<String, Set<String>> onLinks = new LinkedHashMap<>();
        for (Way way : Stream.concat(p.index().waysOut(screen.id()).stream(), p.index().waysIn(screen.id()).stream())
                .distinct()
                .toList()) {
            if (calledOff.getAsBoolean()) {
                return Optional.empty();
            }
            Set<String> lost = lost(checked, LinkEdits.remove(way.link()).applyTo(p), calledOff);
            if (!lost.isEmpty()) {
                onLinks.put(way.link().id(), lost);
            }
        }
        return Optional.of(new Hanging(onScreen, onLinks));
    }

    private static Set<String> lost(Checked checked, Prototype without, BooleanSupplier calledOff) {
        Set<String> lost = new LinkedHashSet<>(checked.shown());
        lost.removeAll(Check.shown(without, calledOff));
        return lost;
    }
}
