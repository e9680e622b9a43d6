package pandel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pandel.core.check.Cell.Behind;
import pandel.core.model.frame.InTab;
import pandel.core.model.value.Value;
import pandel.core.play.rule.EnclosingTab;

/**
 * A tab set around a cell's place, or lying behind it.
 *
 * @param set its id
 * @param tab id of the tab that is shown
 * @param offered what was carried to it, as far as anything asks for it
 * @param root whether the cell's place is the root of that tab
 * @param screen the screen that stands at that root
 * @param behind what lies behind the set on its level, seen from that screen
 * @param marks which screens that links return to lie behind the set
 */
record In(String set, String tab, Map<String, Value> offered, boolean root, String screen, Behind behind, int marks) {

    EnclosingTab around() {
        return new EnclosingTab(set, tab, offered, root);
    }

    static List<EnclosingTab> around(List<In> all) {
        return all.isEmpty() ? List.of() : all.stream().map(In::around).toList();
    }

    /** The sets entered with a place that lies on something. */
    static List<In> entering(List<InTab> tabs, String screen, Behind behind, int marks) {
        return tabs.stream()
                .map(t -> new In(t.set(), t.tab(), t.offered(), true, screen, behind, marks))
                .toList();
    }

    /** The same around a place put on the one there was; what only the root needs is forgotten. */
    static List<In> deeper(List<In> all, Asked asked) {
        return all.isEmpty()
                ? all
                : all.stream()
                        .map(i -> !i.root
                                ? i
                                : asked.forgets(i.set)
                                        ? new In(
                                                i.set,
                                                asked.forgetsTab(i.set) ? "" : i.tab,
                                                Map.of(),
                                                false,
                                                "",
                                                asked.swapsOut() ? i.behind : Behind.NOTHING,
                                                asked.swapsOut() ? i.marks : 0)
                                        : new In(i.set, i.tab, i.offered, false, i.screen, i.behind, i.marks))
                        .toList();
    }

    /** The same lying behind a place put outside the tabs; which tab is shown makes no difference then. */
    static List<In> behind(List<In> all, Asked asked) {
        return all.stream()
                .map(i -> asked.forgets(i.set)
                        ? new In(i.set, "", Map.of(), false, "", Behind.NOTHING, 0)
                        : new In(i.set, i.tab, i.offered, i.root, i.screen, i.behind, i.marks))
                .toList();
    }

    /** The same where it does not matter in which tab of some sets a place lies deeper than the root. */
    static List<In> inAnyTab(List<In> all, Set<String> sets) {
        return all.stream().noneMatch(i -> i.isForgetful() && !i.tab.isEmpty() && sets.contains(i.set))
                ? all
                : all.stream()
                        .map(i -> i.isForgetful() && sets.contains(i.set)
                                ? new In(i.set, "", i.offered, i.root, i.screen, i.behind, i.marks)
                                : i)
                        .toList();
    }

    /** Whether what its root needs was forgotten. */
    boolean isForgetful() {
        return screen.isEmpty();
    }

    /** The same around another place instead of the one there was. */
    static List<In> instead(List<In> all, String other) {
        return all.isEmpty()
                ? all
                : all.stream().map(i -> i.root ? i.at(other) : i).toList();
    }

    private In at(String other) {
        return new In(set, tab, offered, true, other, behind.whenSwapped(other.equals(screen)), marks);
    }

    /** The sets around the root of another tab of one of them. */
    static List<In> showing(List<In> all, String set, List<InTab> tabs, String screen) {
        List<In> made = new ArrayList<>();
        for (In one : all) {
            if (one.set.equals(set)) {
                Behind behind = one.behind.whenSwapped(screen.equals(one.screen));
                tabs.forEach(t -> made.add(new In(
                        t.set(),
                        t.tab(),
                        t.set().equals(set) ? one.offered : t.offered(),
                        true,
                        screen,
                        behind,
                        one.marks)));
                return made;
            }
            made.add(new In(
                    one.set,
                    one.tab,
                    one.offered,
                    true,
                    screen,
                    one.behind.whenSwapped(screen.equals(one.screen)),
                    one.marks));
        }
        throw new IllegalArgumentException("No such set is around: " + set);
    }
}
