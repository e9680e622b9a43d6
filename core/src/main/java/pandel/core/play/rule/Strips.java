package pandel.core.play.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Motion;
import pandel.core.model.value.Facts;

/** What choosing a tab comes to, and going back at a tab's root. */
public final class Strips {

    private Strips() {}

    /**
     * The tab sets whose strips show: all around the current place, or none where one of them is hidden on its screen.
     */
    public static List<TabSet> shown(Prototype prototype, List<EnclosingTab> around, String screen) {
        List<TabSet> sets =
                around.stream().flatMap(a -> prototype.tabSet(a.set()).stream()).toList();
        return sets.stream().anyMatch(s -> s.hiddenOn().contains(screen)) ? List.of() : sets;
    }

    /** The innermost of some tab sets that has a tab. */
    static Optional<EnclosingTab> having(Prototype prototype, List<EnclosingTab> around, String tab) {
        return around.reversed().stream()
                .filter(a -> prototype.tabSet(a.set()).flatMap(s -> s.tab(tab)).isPresent())
                .findFirst();
    }

    /**
     * Another tab of a set, or the root of the one that is shown.
     *
     * @param around the tab sets around the place it is done at
     * @param of that whose tab it is
     * @param above whether something lies above the set, that goes
     * @param before what is done first
     */
    static RuleOutcome tab(
            Prototype prototype,
            Facts facts,
            List<EnclosingTab> around,
            EnclosingTab of,
            String tab,
            boolean above,
            Motion motion,
            List<TrailAction> before) {
        TabSet set = prototype.tabSet(of.set()).orElseThrow();
        if (of.tab().equals(tab) && !above) {
            // Tapping the active outer tab is tapping the active inner one.
            EnclosingTab inner = around.getLast();
            return inner.root() && before.isEmpty()
                    ? new RuleOutcome.NothingToDo("This is the first place of “"
                            + set.tab(tab).orElseThrow().shownLabel() + "” already.")
                    : new RuleOutcome.Acts(
                            then(before, inner.root() ? List.of() : List.of(new TrailAction.ToRoot(inner.set()))),
                            Optional.empty());
        }
        Landings landings = Landings.ofTab(prototype, set, set.tab(tab).orElseThrow(), of.offered(), facts);
        return landings.landing()
                .<RuleOutcome>map(to -> new RuleOutcome.Acts(
                        then(before, List.of(new TrailAction.ShowTab(set.id(), to))), Optional.of(motion)))
                .orElseGet(() -> landings.refused());
    }

    private static List<TrailAction> then(List<TrailAction> before, List<TrailAction> after) {
        List<TrailAction> all = new ArrayList<>(before);
        all.addAll(after);
        return all;
    }

    /**
     * Back at the root of a tab: to the first tab, where the set says so and this is another; empty where the set
     * itself is gone back from.
     */
    static Optional<RuleOutcome> back(
            Prototype prototype, Facts facts, List<EnclosingTab> around, Motion motion, List<TrailAction> before) {
        for (EnclosingTab one : around.reversed()) {
            Optional<TabSet> set = prototype.tabSet(one.set());
            Optional<TabSet.Tab> first =
                    set.filter(TabSet::backs).flatMap(TabSet::firstTab).filter(t -> !t.id().equals(one.tab()));
            if (!one.root()) {
                return Optional.empty();
            }
            if (first.isPresent()) {
                Optional<Landing> to = Landings.ofTab(prototype, set.orElseThrow(), first.get(), one.offered(), facts)
                        .landing();
                if (to.isPresent()) {
                    return Optional.of(new RuleOutcome.Acts(
                            then(before, List.of(new TrailAction.ShowTab(one.set(), to.get()))), Optional.of(motion)));
                }
            }
        }
        return Optional.empty();
    }

    /**
     * The tab beside the one shown that a swipe shows, in the innermost set that is swiped; empty where none is, or
     * there is none beside.
     */
    public static Optional<Swiped> swiped(
            Prototype prototype, List<EnclosingTab> around, String screen, Gesture gesture) {
        int by = gesture == Gesture.SWIPE_LEFT ? 1 : gesture == Gesture.SWIPE_RIGHT ? -1 : 0;
        if (by == 0 || shown(prototype, around, screen).isEmpty()) {
            return Optional.empty();
        }
        return around.reversed().stream()
                .filter(a -> prototype.tabSet(a.set()).map(TabSet::swipes).orElse(false))
                .findFirst()
                .map(a -> {
                    List<TabSet.Tab> tabs =
                            prototype.tabSet(a.set()).orElseThrow().tabs();
                    int to = tabs.stream().map(TabSet.Tab::id).toList().indexOf(a.tab()) + by;
                    return new Swiped(
                            a,
                            to >= 0 && to < tabs.size()
                                    ? Optional.of(tabs.get(to).id())
                                    : Optional.empty());
                });
    }

    /** @param tab empty at the first or last tab: it gives a little and stays */
    record Swiped(EnclosingTab around, Optional<String> tab) {}
}
