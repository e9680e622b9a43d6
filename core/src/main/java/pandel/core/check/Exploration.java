package pandel.core.check;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pandel.core.check.Cell.Behind;
import pandel.core.check.Cell.Ground;
import pandel.core.model.Device;
import pandel.core.model.Entry;
import pandel.core.model.Event;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Status;
import pandel.core.play.LevelKind;
import pandel.core.play.Situation;
import pandel.core.play.TrailAction;

/**
 * All cells that use of any length can come to on one device, each with a shortest list of events that does.
 *
 * <p>Levels and trails make the situations those of a pushdown system (Bouajjani, Esparza, Maler 1997). Since nothing is
 * remembered but the trail, going back always uncovers a cell as it was when it was covered, so no cell is new by going
 * back, and plain search along what puts, swaps and raises is exact; only closing to pages needs to know what lies
 * beneath, which {@link Ground} keeps. Costs time and room in the number of cells and links on them, both in proportion
 * to the prototype.
 */
final class Exploration {

    /** A cell come to. */
    static final class Node {
        final Cell cell;
        final int distance;
        private final @Nullable Node from;
        private final List<Event> by;
        private final Entry entry;
        /** What can be done here and does something, without device back. */
        List<Turn> turns = List.of();
        /** What device back does. */
        Optional<Turn> back = Optional.empty();
        private boolean movesOn;
        private boolean movesOnByBack;
        /** Where the same row of screens stays current and yet other things may lead on. */
        private final Set<Cell> stays = new LinkedHashSet<>(2);
        private final Set<Cell> staysByBack = new LinkedHashSet<>(1);

        private Node(Cell cell, int distance, @Nullable Node from, List<Event> by, Entry entry) {
            this.cell = cell;
            this.distance = distance;
            this.from = from;
            this.by = by;
            this.entry = entry;
        }
    }

    private final Device device;
    private final Turns turns;
    private final Map<Cell, Node> nodes = new LinkedHashMap<>();
    private final Map<String, Node> nearest = new LinkedHashMap<>();
    private final Set<String> fired = new LinkedHashSet<>();

    private Exploration(Prototype prototype, Device device) {
        this.device = device;
        this.turns = new Turns(prototype, device);
    }

    /** Explores from every usable entry until nothing is new, or until it is called off; then what it holds is partial. */
    static Exploration of(Prototype prototype, Device device, BooleanSupplier calledOff) {
        Exploration exploration = new Exploration(prototype, device);
        exploration.run(starts(prototype), calledOff);
        return exploration;
    }

    private static List<Node> starts(Prototype prototype) {
        List<Node> starts = new ArrayList<>();
        for (Entry entry : prototype.entries()) {
            Optional<Screen> screen = prototype.screen(entry.target().id());
            if (Situation.whyNoStart(prototype, entry).isEmpty() && screen.orElseThrow().status() != Status.PARKED) {
                Cell cell = new Cell(entry.target().id(), LevelKind.BASE, Behind.NOTHING, Ground.ITSELF);
                starts.add(new Node(cell, 0, null, List.of(), entry));
            }
        }
        return starts;
    }

    private void run(List<Node> starts, BooleanSupplier calledOff) {
        // Ties go to the one found first, so that the same prototype always gives the same lists of events.
        record Waiting(Node node, int order) {
        }
        PriorityQueue<Waiting> horizon = new PriorityQueue<>(
                Comparator.<Waiting>comparingInt(w -> w.node().distance).thenComparingInt(Waiting::order));
        int order = 0;
        for (Node start : starts) {
            horizon.add(new Waiting(start, order++));
        }
        while (!horizon.isEmpty() && !calledOff.getAsBoolean()) {
            Node node = horizon.remove().node();
            if (nodes.putIfAbsent(node.cell, node) != null) {
                continue;
            }
            nearest.putIfAbsent(node.cell.screen(), node);
            for (Node next : nextOf(node)) {
                if (!nodes.containsKey(next.cell)) {
                    horizon.add(new Waiting(next, order++));
                }
            }
        }
    }

    private List<Node> nextOf(Node node) {
        List<Node> next = new ArrayList<>();
        node.turns = turns.at(node.cell);
        node.back = turns.back(node.cell);
        for (Turn turn : node.turns) {
            turn.link().ifPresent(fired::add);
            node.movesOn |= changesRow(node.cell, turn.actions());
            sameRow(node.cell, turn.actions()).ifPresent(node.stays::add);
            uncovered(node.cell, turn.actions())
                    .ifPresent(cell -> next.add(new Node(cell, node.distance + turn.events().size(), node, turn.events(), node.entry)));
        }
        node.back.ifPresent(turn -> {
            node.movesOnByBack = changesRow(node.cell, turn.actions());
            sameRow(node.cell, turn.actions()).ifPresent(node.staysByBack::add);
        });
        return next;
    }

    /** Whether some list of events without device back leads on to another row of screens. */
    boolean leadsOn(Node node) {
        return node.movesOn || node.stays.stream().anyMatch(cell -> nodes.get(cell).movesOn);
    }

    /** Whether some list of events, device back among them, leads on to another row of screens. */
    boolean leadsOnOrBack(Node node) {
        return node.movesOn || node.movesOnByBack || Stream.concat(node.stays.stream(), node.staysByBack.stream())
                .map(nodes::get).anyMatch(n -> n.movesOn || n.movesOnByBack);
    }

    /** The cell that actions lead to; empty when they go back to one that was come to before. */
    static Optional<Cell> uncovered(Cell cell, List<TrailAction> actions) {
        boolean closed = actions.getFirst() instanceof TrailAction.CloseToPages;
        LevelKind level = closed ? cell.ground().level() : cell.level();
        Ground ground = closed ? Ground.ITSELF : cell.ground();
        return switch (actions.getLast()) {
            case TrailAction.Put put -> Optional.of(new Cell(put.screen().id(), level,
                    closed ? Behind.ANOTHER_SCREEN : cell.behind().whenPut(put.screen().id().equals(cell.screen())), ground));
            case TrailAction.Swap swap -> Optional.of(new Cell(swap.screen().id(), level,
                    closed ? cell.ground().first() ? Behind.NOTHING : Behind.ANOTHER_SCREEN
                            : cell.behind().whenSwapped(swap.screen().id().equals(cell.screen())), ground));
            case TrailAction.Raise raise -> {
                LevelKind opened = LevelKind.openedWith(raise.screen());
                yield Optional.of(new Cell(raise.screen().id(), opened, Behind.NOTHING,
                        opened.holdsPages() ? Ground.ITSELF : cell.groundAbove()));
            }
            case TrailAction.Drop d -> Optional.empty();
            case TrailAction.CloseLevel c -> Optional.empty();
            case TrailAction.CloseToPages c -> Optional.empty();
            case TrailAction.Leave l -> Optional.empty();
        };
    }

    /** Whether actions change the row of screens current on the levels, leaving the prototype aside. */
    private static boolean changesRow(Cell cell, List<TrailAction> actions) {
        return switch (actions.getFirst()) {
            case TrailAction.Put put -> !put.screen().id().equals(cell.screen());
            case TrailAction.Swap swap -> !swap.screen().id().equals(cell.screen());
            case TrailAction.Drop drop -> cell.behind() == Behind.ANOTHER_SCREEN;
            case TrailAction.Raise r -> true;
            case TrailAction.CloseLevel c -> true;
            case TrailAction.CloseToPages c -> true;
            case TrailAction.Leave l -> false;
        };
    }

    /**
     * The other cell of the same row that actions lead to: a screen put on itself, and dropping such copies until the
     * first. There are only these two for a screen on a level, so one look from each to the other is enough.
     */
    private static Optional<Cell> sameRow(Cell cell, List<TrailAction> actions) {
        if (actions.getFirst() instanceof TrailAction.Put put && put.screen().id().equals(cell.screen())) {
            return Optional.of(cell.with(cell.behind().whenPut(true)));
        }
        return actions.getFirst() instanceof TrailAction.Drop && cell.behind() == Behind.SAME_SCREEN_ONLY
                ? Optional.of(cell.with(Behind.NOTHING)) : Optional.empty();
    }

    /** The node of the cell that a turn newly uncovers. */
    Optional<Node> after(Node node, Turn turn) {
        return uncovered(node.cell, turn.actions()).map(nodes::get);
    }

    Device device() {
        return device;
    }

    Collection<Node> nodes() {
        return nodes.values();
    }

    /** Ids of the links that do something somewhere. */
    Set<String> fired() {
        return fired;
    }

    /** Whether a screen is ever current. */
    boolean reaches(String screen) {
        return nearest.containsKey(screen);
    }

    /** The nearest cell of each screen come to, in the order they were come to. */
    Map<String, Node> nearest() {
        return nearest;
    }

    /** A shortest list of events that comes to a node. */
    Walk walkTo(Node node) {
        List<List<Event>> parts = new ArrayList<>();
        for (Node at = node; at != null; at = at.from) {
            parts.add(at.by);
        }
        return new Walk(device, node.entry, parts.reversed().stream().flatMap(List::stream).toList());
    }
}
