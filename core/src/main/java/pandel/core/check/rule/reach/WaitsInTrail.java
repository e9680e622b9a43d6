package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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
import pandel.core.model.Prototype;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Situation;

/**
 * {@code wait-in-trail}: going back shows a screen whose wait moves on by itself. It needs something put on such a
 * screen, and a way back from there: device back, or a return link on what was put or what takes its place.
 */
public final class WaitsInTrail {

    /** So many ways back are played before a screen is passed over. */
    private static final int PLAYED = 20;

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
                    back(exploration, node, solution.prototype())
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

    /** The walk to the screen, to what is put on it, and back again, in as few events as play bears out. */
    private static Optional<Walk> back(Reachability exploration, Node node, Prototype prototype) {
        record Going(Node node, List<Event> events) {}
        Walk there = exploration.walkTo(node);
        List<Going> horizon = new ArrayList<>();
        for (int i = 0; i < node.all().size(); i++) {
            Turn turn = node.all().get(i);
            Node next = turn.actions().getFirst() instanceof TrailAction.Put put
                            && !put.screen().id().equals(node.cell.screen())
                    ? exploration.next(node, i)
                    : null;
            if (next != null) {
                horizon.add(new Going(next, turn.events()));
            }
        }
        Set<Node> seen = new HashSet<>();
        int played = 0;
        for (int i = 0; i < horizon.size() && played < PLAYED; i++) {
            Going going = horizon.get(i);
            if (!seen.add(going.node())) {
                continue;
            }
            List<Turn> all = going.node().all();
            for (int t = 0; t < all.size() && played < PLAYED; t++) {
                // Device back first.
                int number = (going.node().turns().size() + t) % all.size();
                Turn turn = all.get(number);
                List<Event> events = new ArrayList<>(going.events());
                events.addAll(turn.events());
                if (turn.actions().getFirst() instanceof TrailAction.Drop
                        || turn.actions().getFirst() instanceof TrailAction.DropTo to
                                && node.cell.isNamed(to.screen())) {
                    Walk walk = there.and(events);
                    played++;
                    if (waits(walk.replay(prototype), node)) {
                        return Optional.of(walk);
                    }
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

    /** Time that runs on the way, or an answer that has changed, may end it elsewhere, or with nothing to wait for. */
    private static boolean waits(Situation end, Node node) {
        return end.screen().equals(node.cell.screen()) && !end.waits().left().isEmpty();
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
