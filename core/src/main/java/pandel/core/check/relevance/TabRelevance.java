package pandel.core.check.relevance;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Status;
import pandel.core.model.value.Expected;

/** What of tab sets makes a difference to places in them; found out once for each set, by whoever asks first. */
public final class TabRelevance {

    private final Prototype prototype;
    /** Whether facts change that anything asks for. */
    private final boolean changes;
    // Devices are explored side by side: what is found out on the way is for all of them.
    private final Map<String, Boolean> forgetful = new ConcurrentHashMap<>();
    private final Map<String, Boolean> tabless = new ConcurrentHashMap<>();
    private final Map<String, Boolean> fresh = new ConcurrentHashMap<>();

    private final Map<String, Boolean> replaced = new ConcurrentHashMap<>();
    private final Map<String, Boolean> elsewhere = new ConcurrentHashMap<>();

    TabRelevance(Prototype prototype, boolean changes) {
        this.prototype = prototype;
        this.changes = changes;
    }

    /**
     * Whether places deeper in a tab of a set need not tell what lies behind the set: where facts change, summaries
     * know it; else where every root shows the strip, so that the root of each tab is come to as soon as the set is.
     */
    public boolean forgets(String set) {
        return forgetful.computeIfAbsent(
                set,
                id -> changes
                        || prototype
                                .tabSet(id)
                                .filter(s -> s.strip().edge() != TabSet.Edge.DRAWN
                                        && s.tabs().stream()
                                                .allMatch(t -> Targets.shown(prototype, t.root())
                                                                .filter(r -> r.status() != Status.PARKED
                                                                        && r.expects().stream()
                                                                                .noneMatch(Expected::mustBeCarried))
                                                                .isPresent()
                                                        && !(t.root() instanceof Target.ToTabs)
                                                        && prototype.tabSets().stream()
                                                                .noneMatch(other -> other.hiddenOn()
                                                                        .contains(
                                                                                Targets.shownId(prototype, t.root())))))
                                .isPresent());
    }

    /**
     * Whether places deeper in a tab need not even tell which tab it is: the root of each always shows its own screen,
     * since nothing takes its place, and they are not all the same; then any tab shows another screen sooner or later,
     * as it was left, or from its root on.
     */
    public boolean forgetsTab(String set) {
        return tabless.computeIfAbsent(
                set,
                id -> forgets(id)
                        && !changes
                        && prototype
                                .tabSet(id)
                                .filter(s -> {
                                    Set<String> roots = s.tabs().stream()
                                            .map(t -> Targets.shownId(prototype, t.root()))
                                            .collect(Collectors.toSet());
                                    return roots.size() > 1 && rootsLast(s);
                                })
                                .isPresent());
    }

    /**
     * Whether the root of a tab can be come to again and again, by switching to it once or twice: tabs begin anew, or
     * nothing takes the place of a root and the strip, laid over every place in the set, is hidden nowhere.
     */
    public boolean comesFresh(String set) {
        return fresh.computeIfAbsent(
                set,
                id -> prototype
                        .tabSet(id)
                        .filter(s -> !s.keeps()
                                || s.strip().edge() != TabSet.Edge.DRAWN
                                        && rootsLast(s)
                                        && prototype.tabSets().stream()
                                                .allMatch(o -> o.hiddenOn().isEmpty()))
                        .isPresent());
    }

    /** Whether a tab may be left with something else at its root, and kept so. */
    public boolean mayReplaceRoots(String set) {
        return replaced.computeIfAbsent(
                set,
                id -> prototype
                        .tabSet(id)
                        .filter(s -> s.keeps() && !rootsLast(s))
                        .isPresent());
    }

    /**
     * Whether a screen may stand anywhere but at the root of one tab: what is kept of another tab may show it then.
     *
     * @param screen its id
     */
    public boolean mayStandElsewhere(String screen) {
        return elsewhere.computeIfAbsent(
                screen,
                id -> prototype.tabSets().stream()
                                        .flatMap(s -> s.tabs().stream())
                                        .filter(t -> t.root().id().equals(id))
                                        .count()
                                > 1
                        || !prototype.index().sequencesOf(id).isEmpty()
                        || prototype.index().ways().stream()
                                .flatMap(w -> w.link().effects())
                                .flatMap(e -> e.target().stream())
                                .anyMatch(t -> t.id().equals(id))
                        || prototype.startPoints().stream()
                                .flatMap(p -> p.levels().stream())
                                .flatMap(List::stream)
                                .anyMatch(spot -> spot.screen().equals(id)));
    }

    /** Whether nothing takes the place of the screens at its roots. */
    private boolean rootsLast(TabSet set) {
        return set.tabs().stream()
                .allMatch(t -> t.root() instanceof Target.ToScreen
                        && prototype.index().waysOut(t.root().id()).stream()
                                .noneMatch(w -> w.link().effects().anyMatch(Effect.Replace.class::isInstance)));
    }

    /** Whether the same is so by another of the same tab sets. */
    boolean isAlike(TabRelevance other) {
        return prototype.tabSets().stream()
                .map(TabSet::id)
                .allMatch(id -> forgets(id) == other.forgets(id)
                        && forgetsTab(id) == other.forgetsTab(id)
                        && comesFresh(id) == other.comesFresh(id)
                        && mayReplaceRoots(id) == other.mayReplaceRoots(id));
    }
}
