package pandel.core.check.solve;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
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
import pandel.core.check.compile.Turn;
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
    private static final int NOT_FOLLOWED = -1;

    /** What of a start decides which turns close: whether its level holds pages, and what lies behind it. */
    private record Group(boolean pages, int marks) {}

    private final Reachability exploration;
    /** Those that could be followed from the starts, and by its number the place of each among them. */
    private final List<Node> nodes = new ArrayList<>();

    private final int[] places;
    private final Arrows arrows;
    /** By the number of the table, the turns that may close a level. */
    private final List<@Nullable List<Turn>> going = new ArrayList<>();
    /** The marks of what any of them goes down to. */
    private int downTo;

    private final Map<Group, BitSet> closing = new HashMap<>();
    private final Map<Group, BitSet> perhaps = new HashMap<>();

    /** @param starts those that it will be asked about */
    public Closing(Reachability exploration, Collection<Node> starts) {
        this.exploration = exploration;
        this.places = new int[exploration.nodes().size()];
        Arrays.fill(places, NOT_FOLLOWED);
        starts.forEach(this::add);
        for (int i = 0; i < nodes.size(); i++) {
            follow(nodes.get(i), (turn, next) -> add(next));
        }
        arrows = new Arrows(nodes.size() * STATES);
        for (Node node : nodes) {
            follow(node, (turn, next) -> {
                for (int at = 0; at < STATES; at++) {
                    int state = places[node.number] * STATES + at;
                    arrows.add(state, turn == null ? state(next, atStart(at), height(at)) : next(state, turn, next));
                }
            });
            going(node);
        }
        arrows.sort();
    }

    private void add(Node node) {
        if (places[node.number] == NOT_FOLLOWED) {
            places[node.number] = nodes.size();
            nodes.add(node);
        }
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
            known.stream()
                    .flatMap(t -> t.actions().stream())
                    .filter(TrailAction.DropTo.class::isInstance)
                    .forEach(a -> downTo |= exploration.named().mark(((TrailAction.DropTo) a).screen()));
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
        if (closing.computeIfAbsent(group, g -> arrows.leadingTo(closers(g))).get(state)) {
            return Answer.YES;
        }
        return perhaps.computeIfAbsent(group, g -> {
                            BitSet from = closers(g);
                            for (int i = 0; i < nodes.size(); i++) {
                                if (nodes.get(i).isDoubted()
                                        || nodes.get(i).mayComeAgain
                                        || nodes.get(i).isInexact()) {
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
            follow(
                    node(state),
                    (turn, next) -> horizon.add(
                            turn == null ? state(next, atStart(state), height(state)) : next(state, turn, next)));
        }
        return on;
    }

    private BitSet closers(Group group) {
        BitSet closers = new BitSet();
        for (Node node : nodes) {
            List<Turn> may = node.cell.level().base() ? List.of() : going(node);
            if (!may.isEmpty()) {
                for (int state = places[node.number] * STATES; state < (places[node.number] + 1) * STATES; state++) {
                    for (Turn turn : may) {
                        if (closes(turn, state, group)) {
                            closers.set(state);
                            break;
                        }
                    }
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
    private int next(int state, Turn turn, Node after) {
        Height height = height(state);
        boolean start = atStart(state);
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
                        || last instanceof TrailAction.Staying);
        return state(after, still, then);
    }

    private int state(Node node, boolean atStart, Height height) {
        return places[node.number] * STATES + (atStart ? HEIGHTS : 0) + height.ordinal();
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
