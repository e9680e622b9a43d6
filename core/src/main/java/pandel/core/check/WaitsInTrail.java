package pandel.core.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.TrailAction;

/**
 * {@code wait-in-trail}: going back shows a screen whose wait moves on by itself. It needs something put on such a
 * screen, and a way back from there: device back, or a return link on what was put or what takes its place.
 */
final class WaitsInTrail {

    private WaitsInTrail() {}

    static List<Finding> in(Grounds grounds) {
        Map<String, Finding> findings = new LinkedHashMap<>();
        for (Exploration exploration : grounds.explorations()) {
            for (Node node : exploration.nodes()) {
                Optional<Turn> wait =
                        node.turns.stream().filter(t -> isWait(grounds, t)).findFirst();
                if (wait.isPresent() && !findings.containsKey(node.cell.screen())) {
                    put(exploration, node)
                            .flatMap(put -> back(exploration, node, put))
                            .ifPresent(walk -> findings.put(
                                    node.cell.screen(), finding(grounds, node.cell.screen(), wait.get(), walk)));
                }
            }
        }
        return new ArrayList<>(findings.values());
    }

    /** A wait that moves on by itself; idleness or work does not. */
    private static boolean isWait(Grounds grounds, Turn turn) {
        return !turn.stays()
                && turn.link()
                        .flatMap(grounds.prototype().index()::way)
                        .filter(way -> way.link().cause() instanceof Cause.Wait)
                        .isPresent();
    }

    private static Optional<Turn> put(Exploration exploration, Node node) {
        return node.all().stream()
                .filter(t -> t.actions().getFirst() instanceof TrailAction.Put put
                        && !put.screen().id().equals(node.cell.screen())
                        && exploration.next(node, t).isPresent())
                .findFirst();
    }

    /** The walk to the screen, on, and back again. */
    private static Optional<Walk> back(Exploration exploration, Node node, Turn put) {
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

    private static Finding finding(Grounds grounds, String id, Turn wait, Walk walk) {
        Screen screen = grounds.prototype().screen(id).orElseThrow();
        return new Finding(
                Rule.WAIT_IN_TRAIL,
                Weight.WARNING,
                "Going back shows " + Words.screen(grounds.prototype(), id)
                        + " again, and its wait throws the person on again.",
                List.of(id),
                Optional.empty(),
                wait.link(),
                Optional.of(walk),
                Fixes.leaveNoTrace(screen));
    }
}
