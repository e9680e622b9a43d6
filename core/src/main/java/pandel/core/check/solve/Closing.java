package pandel.core.check.solve;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.Table;
import pandel.core.check.turn.Turn;
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

    /** Looked at from one start by itself, at most: most close after few steps. */
    private static final int NEAR = 60;

    private final Reachability exploration;
    private final Collection<Node> starts;
    /** By the number of the table, the turns that may close a level. */
    private final List<@Nullable List<Turn>> going = new ArrayList<>();
    /** The marks of what any turn goes down to. */
    private final int downTo;

    private @Nullable Graph graph;
    private final Map<Group, BitSet> closing = new HashMap<>();
    private final Map<Group, BitSet> perhaps = new HashMap<>();

    /** Everything that could be followed from the starts, with arrows between its states. */
    private final class Graph {
        private final List<Node> nodes = new ArrayList<>();
        private final BitSet followed = new BitSet();
        private final Arrows arrows = new Arrows(exploration.nodes().size() * STATES);

        private Graph() {
            starts.forEach(this::add);
            for (int i = 0; i < nodes.size(); i++) {
                follow(nodes.get(i), (turn, next) -> add(next));
            }
            for (Node node : nodes) {
                follow(node, (turn, next) -> {
                    for (int state = first(node); state < first(node) + STATES; state++) {
                        arrows.add(state, next(state, turn, next));
                    }
                });
            }
            arrows.sort();
        }

        private void add(Node node) {
            if (!followed.get(node.number)) {
                followed.set(node.number);
                nodes.add(node);
            }
        }
    }

    /** @param starts those that it will be asked about */
    public Closing(Reachability exploration, Collection<Node> starts) {
        this.exploration = exploration;
        this.starts = starts;
        this.downTo = exploration.nodes().stream()
                .filter(node -> !node.cell.level().base())
                .flatMap(node -> going(node).stream())
                .flatMap(turn -> turn.actions().stream())
                .filter(TrailAction.DropTo.class::isInstance)
                .mapToInt(to -> exploration.named().mark(((TrailAction.DropTo) to).screen()))
                .reduce(0, (x, y) -> x | y);
    }

    private Graph graph() {
        if (graph == null) {
            graph = new Graph();
        }
        return graph;
    }

    /** Each turn with what it leads to; none for the same place come to again. Below all levels it is closed. */
    private void follow(Node node, BiConsumer<@Nullable Turn, Node> then) {
        if (node.cell.level().base()) {
            return;
        }
        List<Turn> all = node.all();
        for (int i = 0; i < all.size(); i++) {
            Node next = exploration.after(node, i);
            if (next != null && !exploration.isUncertain(node, i) && !restarts(all.get(i))) {
                then.accept(all.get(i), next);
            }
        }
        node.agains.forEach(again -> then.accept(null, again.node()));
    }

    private List<Turn> going(Node node) {
        Table table = node.table();
        if (table == null) {
            return List.of();
        }
        while (going.size() <= table.number()) {
            going.add(null);
        }
        List<Turn> known = going.get(table.number());
        if (known == null) {
            known = table.all().stream().filter(Closing::mayClose).toList();
            going.set(table.number(), known);
        }
        return known;
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
        int state = state(start, true, Height.ON_IT);
        if (closesSoon(state, group)
                || closing.computeIfAbsent(group, g -> graph().arrows.leadingTo(closers(g)))
                        .get(state)) {
            return Answer.YES;
        }
        return perhaps.computeIfAbsent(group, g -> {
                            BitSet from = closers(g);
                            graph().nodes.stream()
                                    .filter(n -> n.isDoubted() || n.mayComeAgain || n.isInexact())
                                    .forEach(n -> from.set(first(n), first(n) + STATES));
                            return graph().arrows.leadingTo(from);
                        })
                        .get(state)
                ? Answer.UNKNOWN
                : Answer.NO;
    }

    private boolean closesSoon(int start, Group group) {
        Set<Integer> seen = new LinkedHashSet<>(Set.of(start));
        Deque<Integer> horizon = new ArrayDeque<>(seen);
        for (int i = 0; i < NEAR && !horizon.isEmpty(); i++) {
            int state = horizon.remove();
            if (closes(state, group)) {
                return true;
            }
            follow(node(state), (turn, next) -> {
                int then = next(state, turn, next);
                if (seen.add(then)) {
                    horizon.add(then);
                }
            });
        }
        return false;
    }

    /** What can follow a node on its own level, itself first. */
    public Set<Node> onLevel(Node start) {
        Set<Node> on = new LinkedHashSet<>();
        BitSet seen = new BitSet();
        Deque<Integer> horizon = new ArrayDeque<>(List.of(state(start, true, Height.ON_IT)));
        while (!horizon.isEmpty()) {
            int state = horizon.remove();
            if (seen.get(state) || height(state) == Height.ABOVE_PAGES) {
                continue;
            }
            seen.set(state);
            if (height(state) == Height.ON_IT) {
                on.add(node(state));
            }
            follow(node(state), (turn, next) -> horizon.add(next(state, turn, next)));
        }
        return on;
    }

    private BitSet closers(Group group) {
        BitSet closers = new BitSet();
        for (Node node : graph().nodes) {
            if (!node.cell.level().base()) {
                for (int state = first(node); state < first(node) + STATES; state++) {
                    closers.set(state, closes(state, group));
                }
            }
        }
        return closers;
    }

    private boolean closes(int state, Group group) {
        for (Turn turn : going(node(state))) {
            if (closes(turn, state, group)) {
                return true;
            }
        }
        return false;
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
            case TrailAction.StepRow s -> false;
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
     * @param turn none where the same place is come to again
     * @param after the node it uncovers
     */
    private static int next(int state, @Nullable Turn turn, Node after) {
        Height height = height(state);
        boolean start = atStart(state);
        if (turn == null) {
            return state(after, start, height);
        }
        TrailAction last = turn.actions().getLast();
        if (last instanceof TrailAction.Raise) {
            boolean abovePages =
                    height == Height.ABOVE_PAGES || after.cell.level().holdsPages();
            return state(after, start, abovePages ? Height.ABOVE_PAGES : Height.ABOVE);
        }
        // Closing to pages from overlays right above lands on this level, which then holds pages itself.
        boolean lands = turn.actions().getFirst() instanceof TrailAction.CloseToPages && height == Height.ABOVE;
        Height then = lands ? Height.ON_IT : height;
        boolean still = start
                && (then != Height.ON_IT
                        || last instanceof TrailAction.Swap
                        || last instanceof TrailAction.Turn
                        || last instanceof TrailAction.StepRow
                        || last instanceof TrailAction.Staying);
        return state(after, still, then);
    }

    private static int first(Node node) {
        return node.number * STATES;
    }

    private static int state(Node node, boolean atStart, Height height) {
        return first(node) + (atStart ? HEIGHTS : 0) + height.ordinal();
    }

    private Node node(int state) {
        return exploration.nodes().get(state / STATES);
    }

    private static boolean atStart(int state) {
        return state % STATES >= HEIGHTS;
    }

    private static Height height(int state) {
        return ALL[state % HEIGHTS];
    }

    /** Whether what is open at a node closes at once, as most overlays do, so that the rest need not be followed. */
    public static boolean closesAtOnce(Node node) {
        return closesAtOnce(node.all());
    }

    /** The same of turns; a way back leads where closing is looked for too. */
    static boolean closesAtOnce(List<Turn> all) {
        return all.stream().anyMatch(turn -> switch (turn.actions().getFirst()) {
            case TrailAction.CloseLevel c -> true;
            case TrailAction.Drop d -> true;
            case TrailAction.Restart r -> true;
            case TrailAction.CloseToPages c -> true;
            default -> false;
        });
    }
}
