package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.check.turn.Turn;
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
        Set<String> waiting = solution.prototype().index().ways().stream()
                .filter(way -> way.link().cause() instanceof Cause.Wait)
                .flatMap(way -> way.from().stream())
                .map(Screen::id)
                .collect(Collectors.toSet());
        for (Reachability exploration : solution.explorations()) {
            for (Node node : exploration.nodes()) {
                if (!waiting.contains(node.cell.screen()) || findings.containsKey(node.cell.screen())) {
                    continue;
                }
                Optional<Turn> wait =
                        node.turns().stream().filter(t -> isWait(solution, t)).findFirst();
                if (wait.isPresent()) {
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

    /** The number of the first turn that puts another screen on it. */
    private static Optional<Integer> put(Reachability exploration, Node node) {
        return IntStream.range(0, node.all().size())
                .filter(i -> node.all().get(i).actions().getFirst() instanceof TrailAction.Put put
                        && !put.screen().id().equals(node.cell.screen())
                        && exploration.next(node, i) != null)
                .boxed()
                .findFirst();
    }

    /** The walk to the screen, on, and back again. */
    private static Optional<Walk> back(Reachability exploration, Node node, int put) {
        record Going(Node node, List<Event> events) {}
        List<Going> horizon = new ArrayList<>(List.of(new Going(
                Objects.requireNonNull(exploration.next(node, put)),
                node.all().get(put).events())));
        Set<Node> seen = new HashSet<>();
        for (int i = 0; i < horizon.size(); i++) {
            Going going = horizon.get(i);
            if (!seen.add(going.node())) {
                continue;
            }
            List<Turn> all = going.node().all();
            for (int t = 0; t < all.size(); t++) {
                // Device back first.
                int number = (going.node().turns().size() + t) % all.size();
                Turn turn = all.get(number);
                List<Event> events = new ArrayList<>(going.events());
                events.addAll(turn.events());
                if (turn.actions().getFirst() instanceof TrailAction.Drop
                        || turn.actions().getFirst() instanceof TrailAction.DropTo to
                                && node.cell.isNamed(to.screen())) {
                    return Optional.of(exploration.walkTo(node).and(events));
                }
                if (turn.actions().getFirst() instanceof TrailAction.Swap
                        || turn.actions().getFirst() instanceof TrailAction.Turn
                        || turn.actions().getFirst() instanceof TrailAction.StepRow
                        || turn.stays()) {
                    Node next = exploration.next(going.node(), number);
                    if (next != null) {
                        horizon.add(new Going(next, events));
                    }
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
