package pandel.core.check.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.turn.Cell.Behind;
import pandel.core.model.frame.InTab;
import pandel.core.model.value.Value;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.Landing;
import pandel.core.play.situation.Visit;

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
public record CellTab(
        String set, String tab, Map<String, Value> offered, boolean root, String screen, Behind behind, int marks) {

    public EnclosingTab around() {
        return new EnclosingTab(set, tab, offered, root);
    }

    public static List<EnclosingTab> around(List<CellTab> all) {
        return all.isEmpty() ? List.of() : all.stream().map(CellTab::around).toList();
    }

    /** The sets entered with a place that lies on something. */
    static List<CellTab> entering(List<InTab> tabs, String screen, Behind behind, int marks) {
        return tabs.stream()
                .map(t -> new CellTab(t.set(), t.tab(), t.offered(), true, screen, behind, marks))
                .toList();
    }

    /** The same around a place put on the one there was; what only the root needs is forgotten. */
    static List<CellTab> deeper(List<CellTab> all, Relevance relevance) {
        return all.isEmpty()
                ? all
                : all.stream()
                        .map(i -> !i.root
                                ? i
                                : relevance.tabs().forgets(i.set)
                                        ? new CellTab(
                                                i.set,
                                                relevance.tabs().forgetsTab(i.set) ? "" : i.tab,
                                                Map.of(),
                                                false,
                                                "",
                                                relevance.swapsOut() ? i.behind : Behind.NOTHING,
                                                relevance.swapsOut() ? i.marks : 0)
                                        : new CellTab(i.set, i.tab, i.offered, false, i.screen, i.behind, i.marks))
                        .toList();
    }

    /** The same lying behind a place put outside the tabs; which tab is shown makes no difference then. */
    static List<CellTab> behind(List<CellTab> all, Relevance relevance) {
        return all.stream()
                .map(i -> relevance.tabs().forgets(i.set)
                        ? new CellTab(i.set, "", Map.of(), false, "", Behind.NOTHING, 0)
                        : new CellTab(i.set, i.tab, i.offered, i.root, i.screen, i.behind, i.marks))
                .toList();
    }

    /** The same where it does not matter in which tab of some sets a place lies deeper than the root. */
    public static List<CellTab> inAnyTab(List<CellTab> all, Set<String> sets) {
        return all.stream().noneMatch(i -> i.isForgetful() && !i.tab.isEmpty() && sets.contains(i.set))
                ? all
                : all.stream()
                        .map(i -> i.isForgetful() && sets.contains(i.set)
                                ? new CellTab(i.set, "", i.offered, i.root, i.screen, i.behind, i.marks)
                                : i)
                        .toList();
    }

    /** Whether what its root needs was forgotten. */
    boolean isForgetful() {
        return screen.isEmpty();
    }

    /** The same around another place instead of the one there was. */
    static List<CellTab> instead(List<CellTab> all, String other) {
        return all.isEmpty()
                ? all
                : all.stream().map(i -> i.root ? i.at(other) : i).toList();
    }

    private CellTab at(String other) {
        return new CellTab(set, tab, offered, true, other, behind.whenSwapped(other.equals(screen)), marks);
    }

    /** The sets around the root of another tab of one of them. */
    static List<CellTab> showing(List<CellTab> all, String set, List<InTab> tabs, String screen) {
        List<CellTab> made = new ArrayList<>();
        for (CellTab one : all) {
            if (one.set.equals(set)) {
                Behind behind = one.behind.whenSwapped(screen.equals(one.screen));
                tabs.forEach(t -> made.add(new CellTab(
                        t.set(),
                        t.tab(),
                        t.set().equals(set) ? one.offered : t.offered(),
                        true,
                        screen,
                        behind,
                        one.marks)));
                return made;
            }
            made.add(new CellTab(
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

    /** The tab sets a place of the start is in. */
    public static List<CellTab> entering(Relevance relevance, Visit place) {
        return entering(
                place.tabs().stream().map(t -> relevance.of(t.in())).toList(), place.screen(), Behind.NOTHING, 0);
    }

    /** The tab sets that are entered. */
    static List<CellTab> entering(Relevance relevance, Landing to, Behind behind, int marks) {
        return to.tabs().isEmpty()
                ? List.of()
                : entering(
                        to.tabs().stream().map(relevance::of).toList(),
                        to.screen().id(),
                        behind,
                        marks);
    }
}
