package pandel.core.check.solve;

import java.util.ArrayDeque;
import java.util.BitSet;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.compile.Turn;
import pandel.core.check.solve.Node.Again;
import pandel.core.play.rule.TrailAction;

/**
 * Whether overlays can be closed. From each cell on a level everything is followed that stays on the level or opens
 * above it; a way back behind the start counts as hope, since what lies there is looked at itself. All starts are
 * answered together, by going backwards once from everything that closes: time in proportion to cells and turns.
 */
public final class Closing {

    /** The answer for one start. */
    public enum Answer {
        YES,
        NO,
        UNKNOWN
    }

    /** Where a followed cell stands, seen from the level that is to close. */
    private enum Height {
        ON_IT,
        ABOVE,
        ABOVE_PAGES
    }

    private static final Height[] ALL = Height.values();
    private static final int HEIGHTS = ALL.length;
    private static final int STATES = 2 * HEIGHTS;

    /** What of a start decides which turns close: whether its level holds pages, and what lies behind it. */
    private record Group(boolean pages, int marks) {}

    private final Reachability exploration;
    private final List<Node> nodes;
    private final Arrows arrows;
    /** Of each node, the turns that may close a level. */
    private final List<List<Turn>> going;
    /** The marks of what any of them goes down to. */
    private final int downTo;

    private final Map<Group, BitSet> closing = new HashMap<>();
    private final Map<Group, BitSet> perhaps = new HashMap<>();

    public Closing(Reachability exploration) {
        this.exploration = exploration;
        this.nodes = List.copyOf(exploration.nodes());
        arrows = new Arrows(nodes.size() * STATES);
        for (Node node : nodes) {
            List<Optional<Node>> after = exploration.after(node);
            for (int i = 0; i < after.size(); i++) {
                Turn turn = node.all().get(i);
                if (after.get(i).isPresent() && !exploration.isUncertain(turn) && !restarts(turn)) {
                    for (int state = node.number * STATES; state < (node.number + 1) * STATES; state++) {
                        arrows.add(state, next(state, turn, after.get(i).get()));
                    }
                }
            }
            for (Again again : node.agains) {
                for (int state = node.number * STATES; state < (node.number + 1) * STATES; state++) {
                    arrows.add(state, state(again.node().number, atStart(state), height(state)));
                }
            }
        }
        arrows.sort();
        going = nodes.stream()
                .map(n -> n.all().stream().filter(Closing::mayClose).toList())
                .toList();
        downTo = going.stream()
                .flatMap(List::stream)
                .flatMap(t -> t.actions().stream())
                .filter(TrailAction.DropTo.class::isInstance)
                .mapToInt(a -> exploration.named().mark(((TrailAction.DropTo) a).screen()))
                .reduce(0, (a, b) -> a | b);
    }

    private static boolean restarts(Turn turn) {
        return turn.actions().getLast() instanceof TrailAction.Restart;
    }

    private static boolean mayClose(Turn turn) {
        return switch (turn.actions().getFirst()) {
            case TrailAction.CloseLevel c -> true;
            case TrailAction.CloseToPages c -> true;
            case TrailAction.DropTo d -> true;
            case TrailAction.Drop d -> true;
            case TrailAction.Restart r -> true;
            default -> false;
        };
    }

    /** Whether some list of events closes the level a node stands on. */
    public Answer closes(Node start) {
        Group group = new Group(start.cell.level().holdsPages(), start.cell.marks() & downTo);
        int state = state(start.number, true, Height.ON_IT);
        if (closing.computeIfAbsent(group, g -> arrows.leadingTo(closers(g))).get(state)) {
            return Answer.YES;
        }
        return perhaps.computeIfAbsent(group, g -> {
                            BitSet from = closers(g);
                            for (int i = 0; i < nodes.size(); i++) {
                                if (nodes.get(i).isDoubted()
                                        || nodes.get(i).mayComeAgain
                                        || exploration.isInexact(nodes.get(i))) {
                                    from.set(i * STATES, (i + 1) * STATES);
                                }
                            }
                            return arrows.leadingTo(from);
                        })
                        .get(state)
                ? Answer.UNKNOWN
                : Answer.NO;
    }

    /** What can follow a node on its own level, itself first. */
    public Set<Node> onLevel(Node start) {
        Set<Node> on = new LinkedHashSet<>();
        BitSet seen = new BitSet();
        Deque<Integer> horizon = new ArrayDeque<>(List.of(state(start.number, true, Height.ON_IT)));
        while (!horizon.isEmpty()) {
            int state = horizon.remove();
            if (seen.get(state) || height(state) == Height.ABOVE_PAGES) {
                continue;
            }
            seen.set(state);
            if (height(state) == Height.ON_IT) {
                on.add(node(state));
            }
            List<Optional<Node>> after = exploration.after(node(state));
            for (int i = 0; i < after.size(); i++) {
                Turn turn = node(state).all().get(i);
                after.get(i).filter(n -> !restarts(turn)).ifPresent(n -> horizon.add(next(state, turn, n)));
            }
            for (Again again : node(state).agains) {
                horizon.add(state(again.node().number, atStart(state), height(state)));
            }
        }
        return on;
    }

    private BitSet closers(Group group) {
        BitSet closers = new BitSet();
        for (int state = 0; state < nodes.size() * STATES; state++) {
            for (Turn turn : going.get(state / STATES)) {
                if (closes(turn, state, group)) {
                    closers.set(state);
                    break;
                }
            }
        }
        return closers;
    }

    private boolean closes(Turn turn, int state, Group group) {
        return switch (turn.actions().getFirst()) {
            case TrailAction.CloseLevel c -> height(state) == Height.ON_IT;
            case TrailAction.CloseToPages c ->
                height(state) == Height.ON_IT
                        || height(state) == Height.ABOVE
                                && (!group.pages()
                                        || turn.actions().getLast() instanceof TrailAction.DropTo to
                                                && isBehind(group, to)
                                        || turn.actions().getLast() instanceof TrailAction.CloseLevel
                                        || turn.actions().getLast() instanceof TrailAction.Drop && atStart(state));
            case TrailAction.DropTo to -> height(state) == Height.ON_IT && isBehind(group, to);
            case TrailAction.Drop d -> height(state) == Height.ON_IT && atStart(state);
            case TrailAction.Restart r -> true;
            case TrailAction.Put p -> false;
            case TrailAction.Swap s -> false;
            case TrailAction.Turn t -> false;
            case TrailAction.ShowTab t -> false;
            case TrailAction.ToRoot t -> false;
            case TrailAction.Raise r -> false;
            case TrailAction.Staying s -> false;
            case TrailAction.Leave l -> false;
        };
    }

    /** Whether a return to a screen leads behind the start, where closing is looked for too. */
    private boolean isBehind(Group group, TrailAction.DropTo to) {
        return (group.marks() & exploration.named().mark(to.screen())) != 0;
    }

    /**
     * The state a turn newly comes to.
     *
     * @param after the node it uncovers
     */
    private static int next(int state, Turn turn, Node after) {
        Height height = height(state);
        boolean start = atStart(state);
        TrailAction last = turn.actions().getLast();
        if (last instanceof TrailAction.Raise) {
            boolean abovePages =
                    height == Height.ABOVE_PAGES || after.cell.level().holdsPages();
            return state(after.number, start, abovePages ? Height.ABOVE_PAGES : Height.ABOVE);
        }
        // Closing to pages from overlays right above lands on this level, which then holds pages itself.
        boolean lands = turn.actions().getFirst() instanceof TrailAction.CloseToPages && height == Height.ABOVE;
        Height then = lands ? Height.ON_IT : height;
        boolean still = start
                && (then != Height.ON_IT
                        || last instanceof TrailAction.Swap
                        || last instanceof TrailAction.Turn
                        || last instanceof TrailAction.Staying);
        return state(after.number, still, then);
    }

    private static int state(int node, boolean atStart, Height height) {
        return node * STATES + (atStart ? HEIGHTS : 0) + height.ordinal();
    }

    private Node node(int state) {
        return nodes.get(state / STATES);
    }

    private static boolean atStart(int state) {
        return state % STATES >= HEIGHTS;
    }

    private static Height height(int state) {
        return ALL[state % HEIGHTS];
    }

    /** As most overlays do, so that the rest need not be followed; a way back leads where closing is looked for too. */
    public static boolean closesAtOnce(List<List<Turn>> all) {
        return all.stream().flatMap(List::stream).anyMatch(turn -> switch (turn.actions()
                .getFirst()) {
            case TrailAction.CloseLevel c -> true;
            case TrailAction.Drop d -> true;
            case TrailAction.Restart r -> true;
            case TrailAction.CloseToPages c -> true;
            default -> false;
        });
    }
}
