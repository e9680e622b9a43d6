package pandel.core.edit.linking;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/**
 * What a new link to somewhere more likely means than to advance: within a tab set the tab whose root it is, and home
 * to begin anew. To advance there would put a copy on the trail, and another with each round.
 */
final class Likelier {

    private Likelier() {}

    static Optional<Effect> than(Prototype prototype, Screen from, Destination to) {
        return switch (to) {
            case Destination.There there ->
                prototype.tabSets().stream()
                        .filter(set -> set.tabs().stream()
                                        .anyMatch(t -> t.root()
                                                .id()
                                                .equals(there.screen().id()))
                                && isWithin(prototype, from, set))
                        .flatMap(set -> set.tabs().stream())
                        .filter(t -> t.root().id().equals(there.screen().id()))
                        .findFirst()
                        .<Effect>map(t -> new Effect.SwitchTab(t.id()))
                        .or(() -> there.screen().home()
                                        && there.screen().form() == Form.PAGE
                                        && !there.screen().id().equals(from.id())
                                ? Optional.of(new Effect.Restart(
                                        new Target.ToScreen(there.screen().id())))
                                : Optional.empty());
            case Destination.Frame frame ->
                frame.target() instanceof Target.ToTabs tabs
                        ? prototype
                                .tabSet(tabs.id())
                                .filter(set -> isWithin(prototype, from, set))
                                .flatMap(set -> Targets.firstTab(prototype, tabs))
                                .map(tab -> new Effect.SwitchTab(tab.id()))
                        : Optional.empty();
            case Destination.New made -> Optional.empty();
            case Destination.OfDrawer drawer -> Optional.empty();
            case Destination.Back back -> Optional.empty();
            case Destination.NoLink none -> Optional.empty();
        };
    }

    /**
     * Whether a screen is come to in a tab set, as far as its links say: it is a root, or most that leads there is in
     * it.
     */
    private static boolean isWithin(Prototype prototype, Screen screen, TabSet set) {
        Set<String> within = within(prototype, set);
        if (set.tabs().stream().anyMatch(t -> t.root().id().equals(screen.id()))) {
            return true;
        }
        List<String> from = prototype.index().waysIn(screen.id()).stream()
                .filter(w -> !w.isAnywhereInside())
                .flatMap(w -> w.from().stream())
                .map(Screen::id)
                .toList();
        return within.contains(screen.id())
                && 2 * from.stream().filter(within::contains).count() > from.size();
    }

    /** The roots, and what links lead to from there on their trails. */
    private static Set<String> within(Prototype prototype, TabSet set) {
        Set<String> within = new LinkedHashSet<>();
        Deque<String> horizon = new ArrayDeque<>();
        set.tabs().stream().map(t -> t.root().id()).forEach(horizon::add);
        while (!horizon.isEmpty()) {
            String id = horizon.remove();
            if (within.add(id)) {
                prototype.index().waysOut(id).stream()
                        .filter(w -> !w.isAnywhereInside())
                        .map(Way::link)
                        .flatMap(l -> l.branches().stream())
                        .filter(b -> b.where().isEmpty())
                        .flatMap(b -> b.move().stream())
                        .filter(m -> m instanceof Effect.Advance
                                || m instanceof Effect.Replace
                                || m instanceof Effect.OpenAbove)
                        .flatMap(m -> m.target().stream())
                        .filter(Target.ToScreen.class::isInstance)
                        .forEach(t -> horizon.add(t.id()));
            }
        }
        return within;
    }
}
