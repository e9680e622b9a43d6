package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.Turn;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.TrailAction;

/**
 * {@code wait-in-trail}: going back shows a screen whose wait moves on by itself. It needs something put on such a
 * screen, and a way back from there: device back, or a return link on what was put or what takes its place.
 */
public final class WaitsInTrail {

    private WaitsInTrail() {}

    public static List<Finding> in(Solution solution) {
        Map<String, Finding> findings = new LinkedHashMap<>();
        for (Reachability exploration : solution.explorations()) {
            for (Node node : exploration.nodes()) {
                Optional<Turn> wait =
                        node.turns.stream().filter(t -> isWait(solution, t)).findFirst();
                if (wait.isPresent() && !findings.containsKey(node.cell.screen())) {
                    put(exploration, node)
                            .flatMap(put -> back(exploration, node, put))
                            .ifPresent(walk -> findings.put(
                                    node.cell.screen(), finding(solution, node.cell.screen(), wait.get(), walk)));
                }
            }
        }
        return new ArrayList<>(findings.values());
    }

    /** A wait that moves on by itself; idleness or work does not. */
    private static boolean isWait(Solution solution, Turn turn) {
        return !turn.stays()
                && turn.link()
                        .flatMap(solution.prototype().index()::way)
                        .filter(way -> way.link().cause() instanceof Cause.Wait)
                        .isPresent();
    }

    private static Optional<Turn> put(Reachability exploration, Node node) {
        return node.all().stream()
                .filter(t -> t.actions().getFirst() instanceof TrailAction.Put put
                        && !put.screen().id().equals(node.cell.screen())
                        && exploration.next(node, t).isPresent())
                .findFirst();
    }

    /** The walk to the screen, on, and back again. */
    private static Optional<Walk> back(Reachability exploration, Node node, Turn put) {
        record Going(Node node, List<Event> events) {}
        List<Going> horizon =
                new ArrayList<>(List.of(new Going(exploration.next(node, put).orElseThrow(), put.events())));
        Set<Cell> seen = new HashSet<>();
        for (int i = 0; i < horizon.size(); i++) {
            Going going = horizon.get(i);
            if (!seen.add(going.node().cell)) {
                continue;
            }
            List<Turn> turns = new ArrayList<>(going.node().turns);
            turns.addAll(0, going.node().back);
            for (Turn turn : turns) {
                List<Event> events = new ArrayList<>(going.events());
                events.addAll(turn.events());
                if (turn.actions().getFirst() instanceof TrailAction.Drop
                        || turn.actions().getFirst() instanceof TrailAction.DropTo to
                                && node.cell.isNamed(to.screen())) {
                    return Optional.of(exploration.walkTo(node).and(events));
                }
                if (turn.actions().getFirst() instanceof TrailAction.Swap
                        || turn.actions().getFirst() instanceof TrailAction.Turn
                        || turn.stays()) {
                    exploration.next(going.node(), turn).ifPresent(next -> horizon.add(new Going(next, events)));
                }
            }
        }
        return Optional.empty();
    }

    private static Finding finding(Solution solution, String id, Turn wait, Walk walk) {
        Screen screen = solution.prototype().screen(id).orElseThrow();
        return new Finding(
                Rule.WAIT_IN_TRAIL,
                Weight.WARNING,
                "Going back shows " + FindingWords.screen(solution.prototype(), id)
                        + " again, and its wait throws the person on again.",
                List.of(id),
                Optional.empty(),
                wait.link(),
                Optional.of(walk),
                Fixes.leaveNoTrace(screen));
    }
}
