package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.Turn;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.model.link.Event;
import pandel.core.play.rule.TrailAction;

/** {@code deep-overlays}: three or more open at once, one finding with all screens that can be the third. */
public final class DeepOverlays {

    private static final int DEEP = 3;

    /** A node with how many overlays are open there, and how many where closing to pages leads. */
    private record At(Node node, int open, int openBelow) {}

    private record Going(At at, @Nullable Going from, List<Event> by, int distance) {}

    private DeepOverlays() {}

    public static List<Finding> in(Solution solution) {
        Map<String, Walk> third = new LinkedHashMap<>();
        for (Reachability exploration : solution.explorations()) {
            search(exploration, third);
        }
        if (third.isEmpty()
                && OpenTogether.mayBe(solution.prototype(), DEEP)
                && solution.explorations().stream()
                        .anyMatch(e -> e.isDoubtful()
                                || e.isSpared()
                                || e.nodes().stream().anyMatch(e::isInexact))) {
            solution.unsettled()
                    .accept(new Unsettled(
                            Rule.DEEP_OVERLAYS, "", "Whether three things can be open above one another."));
        }
        return third.isEmpty()
                ? List.of()
                : List.of(finding(
                        solution,
                        List.copyOf(third.keySet()),
                        third.values().iterator().next()));
    }

    private static void search(Reachability exploration, Map<String, Walk> third) {
        // With nothing open above it is always the base, so that the search can begin at all of its cells at once.
        PriorityQueue<Going> horizon = new PriorityQueue<>(Comparator.comparingInt(Going::distance));
        BitSet seen = new BitSet();
        exploration.nodes().stream()
                .filter(n -> n.cell.level().base()
                        && n.all().stream().anyMatch(t -> t.actions().getLast() instanceof TrailAction.Raise))
                .forEach(n -> horizon.add(new Going(new At(n, 0, 0), null, List.of(), n.distance)));
        while (!horizon.isEmpty()) {
            Going going = horizon.remove();
            int state = (going.at().node().number * (DEEP + 1) + going.at().open()) * (DEEP + 1)
                    + going.at().openBelow();
            if (seen.get(state)) {
                continue;
            }
            seen.set(state);
            if (going.at().open() == DEEP) {
                third.computeIfAbsent(going.at().node().cell.screen(), id -> walk(exploration, going));
                continue;
            }
            for (Node.Again again : going.at().node().agains) {
                horizon.add(new Going(
                        new At(again.node(), going.at().open(), going.at().openBelow()),
                        going,
                        again.by().events(),
                        going.distance() + again.by().length()));
            }
            boolean inexact = exploration.isInexact(going.at().node());
            for (Turn turn : going.at().node().all()) {
                if (inexact && turn.actions().getFirst() instanceof TrailAction.CloseToPages) {
                    continue;
                }
                exploration.after(going.at().node(), turn).ifPresent(next -> {
                    boolean raises = turn.actions().getLast() instanceof TrailAction.Raise;
                    boolean closes = turn.actions().getFirst() instanceof TrailAction.CloseToPages;
                    int kept = closes ? going.at().openBelow() : going.at().open();
                    int open = turn.actions().getLast() instanceof TrailAction.Restart ? 0 : raises ? kept + 1 : kept;
                    int below = next.cell.level().holdsPages()
                            ? open
                            : raises && going.at().node().cell.level().holdsPages()
                                    ? going.at().open()
                                    : going.at().openBelow();
                    if (open > 0) {
                        horizon.add(new Going(
                                new At(next, open, below),
                                going,
                                turn.events(),
                                going.distance() + turn.events().size()));
                    }
                });
            }
        }
    }

    private static Walk walk(Reachability exploration, Going end) {
        List<List<Event>> parts = new ArrayList<>();
        Going at = end;
        while (at.from() != null) {
            parts.add(at.by());
            at = at.from();
        }
        return exploration
                .walkTo(at.at().node())
                .and(parts.reversed().stream().flatMap(List::stream).toList());
    }

    private static Finding finding(Solution solution, List<String> screens, Walk walk) {
        return Finding.about(
                Rule.DEEP_OVERLAYS,
                Weight.WARNING,
                FindingWords.screens(solution.prototype(), screens) + " can be the third thing open above the page.",
                screens,
                Optional.of(walk));
    }
}
