package pandel.core.check;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
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
 * back, and plain search along what puts, swaps, raises and restarts is exact; only closing to pages needs to know what
 * lies beneath, which {@link Ground} keeps, and returning to a screen, whether it lies behind, which {@link Named} keeps
 * for as many as there is room for. What hangs on the others is followed too, as far as it could lead: screens come to
 * only so are neither shown nor ruled out. Costs time and room in the number of cells and links on them, both in proportion
 * to the prototype.
 */
final class Exploration {

    /** A cell come to. */
    static final class Node {
        final Cell cell;
        final int distance;
        /** Counted from 0 in the order in which cells are come to. */
        int number;
        private final @Nullable Node from;
        private final List<Event> by;
        private final Entry entry;
        /** What can be done here and does something, without device back. */
        List<Turn> turns = List.of();
        /** What each turn newly uncovers; made when first asked for. */
        private @Nullable List<Optional<Node>> next;
        /** What device back does. */
        Optional<Turn> back = Optional.empty();
        /** Ids of links that may return to a screen, which is not known. */
        Set<String> doubted = Set.of();
        private boolean movesOn;
        private boolean mayComeToItself;
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
    private final List<Cell> doubtful = new ArrayList<>();
    private final Map<Cell, Node> nodes = new LinkedHashMap<>();
    private final Map<String, Node> nearest = new LinkedHashMap<>();
    private final Set<String> fired = new LinkedHashSet<>();
    private final Named named;
    private final Set<String> perhapsFired = new LinkedHashSet<>();
    private final Set<String> perhapsReached = new LinkedHashSet<>();
    private final Set<String> perhapsStuck = new LinkedHashSet<>();

    private Exploration(Prototype prototype, Device device, int followed) {
        this.device = device;
        this.named = Named.in(prototype, followed);
        this.turns = new Turns(prototype, device, named);
    }

    /**
     * Explores from every usable entry until nothing is new, or until it is called off; then what it holds is partial.
     *
     * @param followed how many screens that links return to are followed together at most
     */
    static Exploration of(Prototype prototype, Device device, int followed, BooleanSupplier calledOff) {
        Exploration exploration = new Exploration(prototype, device, followed);
        exploration.run(starts(prototype), calledOff);
        exploration.outerBound(calledOff);
        return exploration;
    }

    private static List<Node> starts(Prototype prototype) {
        List<Node> starts = new ArrayList<>();
        for (Entry entry : prototype.entries()) {
            Optional<Screen> screen = prototype.screen(entry.target().id());
            if (Situation.whyNoStart(prototype, entry).isEmpty() && screen.orElseThrow().status() != Status.PARKED) {
                starts.add(new Node(Cell.start(entry.target().id()), 0, null, List.of(), entry));
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
            node.number = nodes.size() - 1;
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
        Turns.Done done = turns.at(node.cell);
        node.turns = done.sure();
        node.doubted = done.back();
        perhapsFired.addAll(done.back());
        for (Turn turn : done.doubtful()) {
            turn.link().ifPresent(perhapsFired::add);
            uncovered(node.cell, turn.actions()).ifPresent(doubtful::add);
        }
        node.back = turns.back(node.cell);
        for (Turn turn : node.turns) {
            turn.link().ifPresent(fired::add);
            node.movesOn |= changesRow(node.cell, turn.actions());
            node.mayComeToItself |= mayComeToItself(node.cell, turn.actions());
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

    /** Follows what hangs on what is not known, to whatever it could lead to. */
    private void outerBound(BooleanSupplier calledOff) {
        Set<Cell> seen = new HashSet<>();
        Deque<Cell> horizon = new ArrayDeque<>(doubtful);
        while (!horizon.isEmpty() && !calledOff.getAsBoolean()) {
            Cell cell = horizon.remove();
            if (nodes.containsKey(cell) || !seen.add(cell)) {
                continue;
            }
            if (!nearest.containsKey(cell.screen())) {
                perhapsReached.add(cell.screen());
            }
            Turns.Done done = turns.at(cell);
            perhapsFired.addAll(done.back());
            if (done.sure().stream().noneMatch(turn -> changesRow(cell, turn.actions()))) {
                perhapsStuck.add(cell.screen());
            }
            Stream.concat(done.sure().stream(), done.doubtful().stream()).forEach(turn -> {
                turn.link().ifPresent(perhapsFired::add);
                uncovered(cell, turn.actions()).ifPresent(horizon::add);
            });
        }
        perhapsFired.removeAll(fired);
    }

    /** Whether a list of events leads on from a node to another row of screens. */
    enum LeadsOn {
        YES, NO, UNKNOWN
    }

    /** @param withBack whether device back is among the events */
    LeadsOn leadsOn(Node node, boolean withBack) {
        Set<Node> seen = new LinkedHashSet<>();
        Deque<Node> horizon = new ArrayDeque<>(List.of(node));
        boolean doubt = false;
        while (!horizon.isEmpty()) {
            Node at = horizon.remove();
            if (at.movesOn || withBack && at.movesOnByBack) {
                return LeadsOn.YES;
            }
            if (seen.add(at)) {
                doubt |= !at.doubted.isEmpty() || at.mayComeToItself;
                at.stays.forEach(cell -> horizon.add(nodes.get(cell)));
                if (withBack) {
                    at.staysByBack.forEach(cell -> horizon.add(nodes.get(cell)));
                }
            }
        }
        return doubt ? LeadsOn.UNKNOWN : LeadsOn.NO;
    }

    /** The cell that actions lead to; empty when they go back to one that was come to before. */
    private Optional<Cell> uncovered(Cell cell, List<TrailAction> actions) {
        boolean closed = actions.getFirst() instanceof TrailAction.CloseToPages;
        LevelKind level = closed ? cell.ground().level() : cell.level();
        Ground ground = closed ? Ground.ITSELF : cell.ground();
        return switch (actions.getLast()) {
            case TrailAction.Put put -> Optional.of(new Cell(put.screen().id(), level,
                    closed ? Behind.ANOTHER_SCREEN : cell.behind().whenPut(put.screen().id().equals(cell.screen())),
                    closed ? cell.ground().marks() | cell.ground().current() : cell.marksWhenPut(named), ground));
            case TrailAction.Swap swap -> Optional.of(new Cell(swap.screen().id(), level,
                    closed ? cell.ground().first() ? Behind.NOTHING : Behind.ANOTHER_SCREEN
                            : cell.behind().whenSwapped(swap.screen().id().equals(cell.screen())),
                    closed ? cell.ground().marks() : cell.marks(), ground));
            case TrailAction.Restart restart -> Optional.of(Cell.start(restart.screen().id()));
            case TrailAction.Raise raise -> {
                LevelKind opened = LevelKind.openedWith(raise.screen());
                yield Optional.of(new Cell(raise.screen().id(), opened, Behind.NOTHING, 0,
                        opened.holdsPages() ? Ground.ITSELF : cell.groundAbove(named)));
            }
            case TrailAction.Drop d -> Optional.empty();
            case TrailAction.DropTo d -> Optional.empty();
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
            case TrailAction.DropTo to -> !to.screen().equals(cell.screen());
            case TrailAction.Restart restart -> !cell.level().base() || !restart.screen().id().equals(cell.screen());
            case TrailAction.Raise r -> true;
            case TrailAction.CloseLevel c -> true;
            case TrailAction.CloseToPages c -> true;
            case TrailAction.Leave l -> false;
        };
    }

    /**
     * The other cell of the same row that actions lead to: a screen put on itself, dropping such copies until the first,
     * restarting at the screen that is the only one.
     */
    private Optional<Cell> sameRow(Cell cell, List<TrailAction> actions) {
        return switch (actions.getFirst()) {
            case TrailAction.Put put when put.screen().id().equals(cell.screen()) ->
                    Optional.of(cell.with(cell.behind().whenPut(true), cell.marksWhenPut(named)));
            case TrailAction.Restart restart when !changesRow(cell, actions) -> Optional.of(Cell.start(cell.screen()));
            case TrailAction.Drop d when cell.behind() == Behind.SAME_SCREEN_ONLY -> Optional.of(cell.with(Behind.NOTHING, 0));
            case TrailAction.DropTo to when cell.behind() == Behind.SAME_SCREEN_ONLY -> Optional.of(cell.with(Behind.NOTHING, 0));
            default -> Optional.empty();
        };
    }

    /** Whether actions go back to an earlier place of the same screen, of which it is not known what lies behind it. */
    private static boolean mayComeToItself(Cell cell, List<TrailAction> actions) {
        return actions.getFirst() instanceof TrailAction.DropTo to && to.screen().equals(cell.screen())
                && cell.behind() != Behind.SAME_SCREEN_ONLY;
    }

    /** The node of the cell that a turn newly uncovers. */
    Optional<Node> after(Node node, Turn turn) {
        if (node.next == null) {
            node.next = node.turns.stream().map(t -> uncovered(node.cell, t.actions()).map(nodes::get)).toList();
        }
        for (int i = 0; i < node.turns.size(); i++) {
            if (node.turns.get(i) == turn) {
                return node.next.get(i);
            }
        }
        // Device back uncovers nothing new.
        return Optional.empty();
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

    /** Ids of the links of which it is not settled whether they do something. */
    Set<String> perhapsFired() {
        return perhapsFired;
    }

    /** Ids of the screens of which it is not settled whether they are ever current. */
    Set<String> perhapsReached() {
        return perhapsReached;
    }

    /** Ids of the screens that may be come to in a way from which nothing leads on at once. */
    Set<String> perhapsStuck() {
        return perhapsStuck;
    }

    /** Whether some waits come only when something is not found that may lie behind. */
    boolean isDoubtful() {
        return !doubtful.isEmpty();
    }

    Named named() {
        return named;
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
