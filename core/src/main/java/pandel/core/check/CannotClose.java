package pandel.core.check;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.Exploration.Node;
import pandel.core.play.TrailAction;

/**
 * {@code cannot-close}: a reached overlay that no list of events ever closes. From each of its cells everything is followed
 * that stays on the level; a way back counts as hope, since what lies behind was looked at itself.
 */
final class CannotClose {

    private CannotClose() {
    }

    static List<Finding> in(Grounds grounds) {
        Set<String> dead = new HashSet<>();
        DeadEnds.in(grounds).stream().filter(f -> f.rule() == Rule.DEAD_END).forEach(f -> dead.addAll(f.screens()));
        Map<String, Finding> findings = new LinkedHashMap<>();
        for (Exploration exploration : grounds.explorations()) {
            for (Node node : exploration.nodes()) {
                String screen = node.cell.screen();
                if (!node.cell.level().base() && !dead.contains(screen) && !findings.containsKey(screen) && !canClose(exploration, node)) {
                    findings.put(screen, finding(grounds, exploration, node));
                }
            }
        }
        return new ArrayList<>(findings.values());
    }

    /** A cell that is followed; {@code atStart}: the start, or what took its place, so that a way back leads behind it. */
    private record Followed(Node node, boolean atStart) {
    }

    private static boolean canClose(Exploration exploration, Node from) {
        Deque<Followed> horizon = new ArrayDeque<>(List.of(new Followed(from, true)));
        Set<Followed> seen = new HashSet<>();
        boolean pages = from.cell.level().holdsPages();
        while (!horizon.isEmpty()) {
            Followed followed = horizon.remove();
            if (!seen.add(followed)) {
                continue;
            }
            Node node = followed.node();
            List<Turn> turns = new ArrayList<>(node.turns);
            node.back.ifPresent(turns::add);
            boolean own = node.cell.level().equals(from.cell.level());
            for (Turn turn : turns) {
                boolean closes = switch (turn.actions().getFirst()) {
                    case TrailAction.CloseLevel c -> own;
                    case TrailAction.CloseToPages c -> !pages;
                    case TrailAction.Drop d -> followed.atStart();
                    case TrailAction.Put p -> false;
                    case TrailAction.Swap s -> false;
                    case TrailAction.Raise r -> false;
                    case TrailAction.Leave l -> false;
                };
                if (closes) {
                    return true;
                }
                boolean stays = followed.atStart() && turn.actions().getFirst() instanceof TrailAction.Swap;
                exploration.after(node, turn).ifPresent(next -> horizon.add(new Followed(next, stays)));
            }
        }
        return false;
    }

    private static Finding finding(Grounds grounds, Exploration exploration, Node node) {
        String id = node.cell.screen();
        return Finding.about(Rule.CANNOT_CLOSE, Weight.PROBLEM, "Once " + Words.screen(grounds.prototype(), id) + " is open as a "
                + node.cell.level().word() + ", nothing ever closes it.", List.of(id), Optional.of(exploration.walkTo(node)))
                .with(Fixes.closeAsUsual(grounds.prototype().screen(id).orElseThrow()));
    }
}
