package pandel.core.check;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.Exploration.Node;
import pandel.core.model.Screen;
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
            // What follows on a level that never closes is the same trouble, told of once, where it begins.
            Set<Cell> told = new HashSet<>();
            for (Node node : exploration.nodes()) {
                String screen = node.cell.screen();
                boolean end = grounds.prototype().screen(screen).map(Screen::end).orElse(false);
                if (!node.cell.level().base() && !end && !dead.contains(screen) && !told.contains(node.cell)) {
                    Set<Followed> followed = new HashSet<>();
                    if (!canClose(exploration, node, followed)) {
                        followed.stream().filter(f -> f.height() == Height.ON_IT).forEach(f -> told.add(f.node().cell));
                        Set<String> screens = new LinkedHashSet<>(List.of(screen));
                        followed.stream().filter(f -> f.height() == Height.ON_IT).sorted(Comparator.comparingInt(f -> f.node().distance))
                                .forEach(f -> screens.add(f.node().cell.screen()));
                        findings.putIfAbsent(screen, finding(grounds, exploration, node, List.copyOf(screens)));
                    }
                }
            }
        }
        return new ArrayList<>(findings.values());
    }

    /** Where a followed cell stands, seen from the level that is to close. */
    private enum Height {
        ON_IT, ABOVE, ABOVE_PAGES
    }

    /**
     * A cell that is followed.
     *
     * @param atStart whether the level's current place is the start, or what took its place, so that a way back leads
     *                behind the start
     * @param height  on the level, on overlays above it, or above a takeover above it
     */
    private record Followed(Node node, boolean atStart, Height height) {
    }

    /** @param seen filled with all that was followed */
    private static boolean canClose(Exploration exploration, Node from, Set<Followed> seen) {
        Deque<Followed> horizon = new ArrayDeque<>(List.of(new Followed(from, true, Height.ON_IT)));
        while (!horizon.isEmpty()) {
            Followed followed = horizon.remove();
            if (!seen.add(followed)) {
                continue;
            }
            if (!followed.node().doubted.isEmpty()) {
                return true;
            }
            List<Turn> turns = new ArrayList<>(followed.node().turns);
            followed.node().back.ifPresent(turns::add);
            for (Turn turn : turns) {
                if (closes(exploration, turn, followed, from)) {
                    return true;
                }
                exploration.after(followed.node(), turn).ifPresent(next -> horizon.add(followed(turn, followed, next)));
            }
        }
        return false;
    }

    private static boolean closes(Exploration exploration, Turn turn, Followed followed, Node start) {
        boolean pages = start.cell.level().holdsPages();
        return switch (turn.actions().getFirst()) {
            case TrailAction.CloseLevel c -> followed.height() == Height.ON_IT;
            case TrailAction.CloseToPages c -> followed.height() != Height.ABOVE_PAGES
                    && (!pages || turn.actions().getLast() instanceof TrailAction.DropTo to && isBehind(exploration, start, to));
            case TrailAction.DropTo to -> followed.height() == Height.ON_IT && isBehind(exploration, start, to);
            case TrailAction.Restart r -> true;
            case TrailAction.Drop d -> followed.height() == Height.ON_IT && followed.atStart();
            case TrailAction.Put p -> false;
            case TrailAction.Swap s -> false;
            case TrailAction.Raise r -> false;
            case TrailAction.Leave l -> false;
        };
    }

    /** Whether a return to a screen leads behind the start, where closing was looked for too. */
    private static boolean isBehind(Exploration exploration, Node start, TrailAction.DropTo to) {
        return (start.cell.marks() & exploration.named().mark(to.screen())) != 0;
    }

    private static Followed followed(Turn turn, Followed before, Node next) {
        TrailAction last = turn.actions().getLast();
        if (last instanceof TrailAction.Raise) {
            boolean abovePages = before.height() == Height.ABOVE_PAGES || next.cell.level().holdsPages();
            return new Followed(next, before.atStart(), abovePages ? Height.ABOVE_PAGES : Height.ABOVE);
        }
        // Closing to pages from overlays right above lands on this level, which then holds pages itself.
        boolean lands = turn.actions().getFirst() instanceof TrailAction.CloseToPages && before.height() == Height.ABOVE;
        Height height = lands ? Height.ON_IT : before.height();
        boolean atStart = before.atStart() && (height != Height.ON_IT || last instanceof TrailAction.Swap);
        return new Followed(next, atStart, height);
    }

    /** @param screens that of the node, and those that follow it on the level */
    private static Finding finding(Grounds grounds, Exploration exploration, Node node, List<String> screens) {
        String id = node.cell.screen();
        return Finding.about(Rule.CANNOT_CLOSE, Weight.PROBLEM, "Once " + Words.screen(grounds.prototype(), id) + " is open as a "
                + node.cell.level().word() + ", nothing ever closes it.", screens, Optional.of(exploration.walkTo(node)))
                .with(Fixes.closeAsUsual(grounds.prototype().screen(id).orElseThrow()));
    }
}
