package pandel.core.check.compile;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Pair;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.Screen;

/**
 * On which screens of a prototype the same can be done as in an earlier one: those that are the very same there, with
 * the same hotspots, where the frames, the facts and what of all screens matters to links that lead to them are the
 * same too. Screens are compared by identity, which prototypes share with those they were made from.
 */
final class Unchanged {

    private final Set<String> screens = new HashSet<>();

    private Unchanged() {}

    /** Of two of which the same is followed, on the same device. */
    static Unchanged between(Prototype a, Prototype b) {
        Unchanged unchanged = new Unchanged();
        if (areFramesSame(a, b)) {
            unchanged.add(a, b);
        }
        return unchanged;
    }

    private static boolean areFramesSame(Prototype a, Prototype b) {
        return a.tabSets().equals(b.tabSets())
                && a.sequences().equals(b.sequences())
                && a.drawers().equals(b.drawers())
                && a.pairs().equals(b.pairs())
                && a.headers().equals(b.headers())
                && actions(a).equals(actions(b))
                && a.facts().equals(b.facts())
                && a.widths().equals(b.widths());
    }

    /** What can be chosen on notices, wherever one is. */
    private static List<Link> actions(Prototype prototype) {
        return prototype.index().ways().stream()
                .filter(w -> w.notice().isPresent())
                .map(Way::link)
                .toList();
    }

    private void add(Prototype a, Prototype b) {
        List<Screen> before = a.screens();
        List<Screen> now = b.screens();
        if (before.size() != now.size()) {
            return;
        }
        for (int i = 0; i < now.size(); i++) {
            if (before.get(i) != now.get(i) && !asTarget(before.get(i)).equals(asTarget(now.get(i)))) {
                screens.clear();
                return;
            }
            String id = now.get(i).id();
            // What the row beside another gives is read on other screens.
            if (!areSame(rowsOf(a, id), rowsOf(b, id)) && stepsRows(b)) {
                screens.clear();
                return;
            }
            if (before.get(i) == now.get(i)
                    && areSame(a.index().hotspotsOn(id), b.index().hotspotsOn(id))) {
                screens.add(id);
            }
        }
        // Beside a detail its list can be touched too.
        Set<String> details = new HashSet<>();
        b.pairs().stream()
                .filter(p -> !screens.contains(p.list()))
                .map(Pair::detail)
                .forEach(details::add);
        screens.removeAll(details);
    }

    private static List<Hotspot> rowsOf(Prototype prototype, String screen) {
        return prototype.index().hotspotsOn(screen).stream()
                .filter(h -> !h.rows().isEmpty())
                .toList();
    }

    private static boolean stepsRows(Prototype prototype) {
        return prototype.index().ways().stream()
                .flatMap(w -> w.link().effects())
                .anyMatch(Effect.StepRow.class::isInstance);
    }

    private static boolean areSame(List<Hotspot> a, List<Hotspot> b) {
        if (a.size() != b.size()) {
            return false;
        }
        for (int i = 0; i < a.size(); i++) {
            if (a.get(i) != b.get(i)) {
                return false;
            }
        }
        return true;
    }

    /** What of a screen matters to links that lead to it. */
    private static Screen asTarget(Screen screen) {
        return screen.withTitle("")
                .withSection("")
                .withCopyOf(Optional.empty())
                .withOverlay(Overlay.USUAL)
                .withMocks(List.of())
                .withStates(List.of())
                .withHotspots(List.of())
                .withLinks(List.of())
                .withRest(Rest.NONE);
    }

    boolean holds(String screen) {
        return screens.contains(screen);
    }
}
