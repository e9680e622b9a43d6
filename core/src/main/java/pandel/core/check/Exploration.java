package pandel.core.check;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pandel.core.check.Cell.Behind;
import pandel.core.check.Cell.Ground;
import pandel.core.model.Device;
import pandel.core.model.Entry;
import pandel.core.model.Facts;
import pandel.core.model.Prototype;
import pandel.core.model.Start;
import pandel.core.model.StartPoint;
import pandel.core.model.Status;
import pandel.core.play.Situation;
import pandel.core.play.TrailAction;
import pandel.core.play.Visit;

/**
 * All cells that use of any length can come to on one device, each with a shortest list of events that does.
 *
 * <p>Levels and trails make the situations those of a pushdown system (Bouajjani, Esparza, Maler 1997). Where no fact
 * changes that anything asks for, going back always uncovers a cell as it was when it was covered, so no cell is new by
 * going back, and plain search along what puts, swaps, raises and restarts is exact; only closing to pages needs to know
 * what lies beneath, which {@link Ground} keeps, and returning to a screen, whether it lies behind, which {@link Named}
 * keeps for as many as there is room for. Where facts change, {@link Summaries} searches. What hangs on what is not followed
 * is followed too, as far as it could lead: screens come to only so are neither shown nor ruled out. Without facts it
 * costs time and room in the number of cells and links on them, both in proportion to the prototype; many tab sets in a large one make them
 * many times more, and past a bound it gives up and says so.
 */
final class Exploration {

    /** Cells come to at most: where the screens are few, where they are many, and in proportion to them; some 200 MB. */
    private static final int ROOM_OF_FEW = 40_000;
    private static final int ROOM_OF_MANY = 150_000;
    private static final int ROOM_EACH_OF_FEW = 150;
    private static final int ROOM_EACH_OF_MANY = 15;

    private final Device device;
    private final Turns turns;
    /** Made when first asked for. */
    private final Map<String, List<Node>> onScreens = new HashMap<>();
    private final Asked asked;
    private final List<Cell> doubtful = new ArrayList<>();
    private final Map<Cell, Node> nodes = new LinkedHashMap<>();
    private final Map<String, Node> nearest = new LinkedHashMap<>();
    private final Set<String> fired = new LinkedHashSet<>();
    private final Named named;
    private final Leading leading;
    private final Set<String> perhapsFired = new LinkedHashSet<>();
    private final Set<String> perhapsReached = new LinkedHashSet<>();
    private final Set<String> perhapsStuck = new LinkedHashSet<>();
    private boolean givenUp;
    /** Whether facts change, and what hangs on what is not known was followed with any of them. */
    private boolean loose;

    private Exploration(Prototype prototype, Device device, int followed, Asked asked) {
        this.device = device;
        this.named = Named.in(prototype, followed);
        this.turns = new Turns(prototype, device, named, asked);
        this.asked = asked;
        this.leading = new Leading(device, named, asked);
    }

    /**
     * Explores from every usable start among some until nothing is new, or until it is called off; then what it holds is
     * partial.
     *
     * @param followed how many screens that links return to are followed together at most
     */
    static Exploration of(Prototype prototype, Device device, int followed, Asked asked, List<? extends Start> from, BooleanSupplier calledOff) {
        Exploration exploration = new Exploration(prototype, device, followed, asked);
        List<? extends Start> usable = from.stream().filter(start -> isUsable(prototype, device, start)).toList();
        if (asked.changes() || usable.stream().anyMatch(StartPoint.class::isInstance)) {
            Summaries summaries = new Summaries(exploration, prototype, asked);
            summaries.run(usable, calledOff);
            exploration.take(summaries.nodes(), summaries.isGivenUp());
        } else {
            int levels = device.levels() > 0 ? 1 : 0;
            exploration.run(usable.stream().map(start -> new Node(exploration.begun((Entry) start, levels), 0, Route.NONE, start)).toList(), calledOff);
        }
        Perhaps perhaps = new Perhaps(exploration, exploration.perhapsFired, exploration.doubtful);
        perhaps.run(calledOff);
        exploration.perhapsReached.addAll(perhaps.reached());
        exploration.perhapsStuck.addAll(perhaps.stuck());
        exploration.perhapsFired.addAll(perhaps.fired());
        exploration.perhapsFired.removeAll(exploration.fired);
        exploration.loose = perhaps.isLoose();
        return exploration;
    }

    private Cell begun(Entry entry, int levels) {
        Situation at = Situation.at(turns.prototype(), entry, device).orElseThrow();
        Visit current = at.top().trail().current();
        return Cell.start(at.screen(), levels, Facts.NONE, asked.of(current), asked.of(current.at()), asked.entering(current));
    }

    private static boolean isUsable(Prototype prototype, Device device, Start start) {
        return Situation.at(prototype, start, device)
                .filter(s -> s.levels().stream().allMatch(l -> l.trail().places().stream()
                        .noneMatch(v -> prototype.screen(v.screen()).orElseThrow().status() == Status.PARKED)))
                .filter(s -> device.levels() == 0 || s.levels().size() <= device.levels()).isPresent();
    }

    /** @param found in the order of their distances */
    private void take(List<Node> found, boolean notAll) {
        givenUp = notAll;
        for (Node node : found) {
            node.number = nodes.size();
            nodes.put(node.cell, node);
            nearest.putIfAbsent(node.cell.screen(), node);
        }
    }

    private void run(List<Node> starts, BooleanSupplier calledOff) {
        // Ties go to the one found first, so that the same prototype always gives the same lists of events.
        record Waiting(Node node, int order) {
        }
        PriorityQueue<Waiting> horizon = new PriorityQueue<>(
                Comparator.<Waiting>comparingInt(w -> w.node().distance).thenComparingInt(Waiting::order));
        int order = 0;
        // The shortest way found so far to each cell that is come to: nothing longer waits its turn as well.
        Map<Cell, Integer> found = new HashMap<>();
        for (Node start : starts) {
            found.merge(start.cell, start.distance, Math::min);
            horizon.add(new Waiting(start, order++));
        }
        int screens = turns.prototype().screens().size();
        int room = Math.max(Math.clamp((long) ROOM_EACH_OF_FEW * screens, ROOM_OF_FEW, ROOM_OF_MANY), ROOM_EACH_OF_MANY * screens);
        while (!horizon.isEmpty() && !calledOff.getAsBoolean()) {
            if (found.size() > room) {
                givenUp = true;
                return;
            }
            Node node = horizon.remove().node();
            if (nodes.putIfAbsent(node.cell, node) != null) {
                continue;
            }
            node.number = nodes.size() - 1;
            nearest.putIfAbsent(node.cell.screen(), node);
            look(node);
            node.mayBeginAnew = node.cell.waited() != 0 && node.all().stream().map(t -> t.actions().getLast()).anyMatch(a -> a instanceof TrailAction.Put || a instanceof TrailAction.Raise);
            for (Turn turn : node.all()) {
                Optional<Cell> cell = uncovered(node.cell, turn);
                int distance = node.distance + turn.events().size();
                if (cell.isPresent() && found.getOrDefault(cell.get(), Integer.MAX_VALUE) > distance) {
                    found.put(cell.get(), distance);
                    horizon.add(new Waiting(new Node(cell.get(), distance, node.route.and(turn.events()), node.start), order++));
                }
            }
        }
    }

    private static Set<String> joined(Set<String> a, Set<String> b) {
        if (b.isEmpty()) {
            return a;
        }
        Set<String> all = new LinkedHashSet<>(a);
        all.addAll(b);
        return all;
    }

    /** Finds out what can be done at a node, and what each thing comes to. */
    void look(Node node) {
        node.looked = true;
        Turns.All all = turns.at(node.cell);
        Turns.Done done = all.here();
        Turns.Done back = all.back();
        node.turns = done.sure();
        node.back = back.sure();
        node.doubted = joined(done.back(), back.back());
        node.nothing = joined(done.nothing(), back.nothing());
        perhapsFired.addAll(node.doubted);
        Stream.concat(done.doubtful().stream(), back.doubtful().stream()).forEach(turn -> {
            turn.link().ifPresent(perhapsFired::add);
            uncovered(node.cell, turn).ifPresent(doubtful::add);
        });
        for (Turn turn : node.turns) {
            turn.link().ifPresent(fired::add);
            boolean perhaps = isUncertain(turn);
            node.movesOn |= turn.leavesTo() || !perhaps && changesRow(node.cell, turn.actions());
            node.mayComeToItself |= perhaps || mayComeToItself(node.cell, turn.actions());
            sameRow(node.cell, turn).ifPresent(node.stays::add);
        }
        node.back.forEach(turn -> {
            turn.link().ifPresent(fired::add);
            boolean perhaps = isUncertain(turn);
            node.movesOnByBack |= turn.leavesTo() || !perhaps && changesRow(node.cell, turn.actions());
            node.mayComeToItselfByBack |= perhaps || mayComeToItself(node.cell, turn.actions());
            sameRow(node.cell, turn).ifPresent(node.staysByBack::add);
        });
    }

    /** The cell that a turn leads to; empty when it goes back to a place that was come to before. */
    Optional<Cell> uncovered(Cell cell, Turn turn) {
        return leading.uncovered(cell, turn);
    }

    /** The cell that an action of its own leads to from another; the action goes forward. */
    Cell after(Cell cell, TrailAction forward, Facts facts) {
        return leading.uncovered(cell, new Turn(List.of(), Optional.empty(), List.of(forward), facts, cell.held(), 0, Optional.empty())).orElseThrow();
    }

    /** Whether actions change the row of screens current on the levels, leaving the prototype aside. */
    boolean changesRow(Cell cell, List<TrailAction> actions) {
        return switch (actions.getFirst()) {
            case TrailAction.Put put -> !put.screen().id().equals(cell.screen());
            case TrailAction.Swap swap -> !swap.screen().id().equals(cell.screen());
            case TrailAction.Turn page -> !page.screen().id().equals(cell.screen());
            case TrailAction.ShowTab show -> !show.screen().id().equals(cell.screen());
            case TrailAction.ToRoot to -> cell.around().stream().anyMatch(i -> i.set().equals(to.set()) && !i.screen().equals(cell.screen()));
            case TrailAction.Drop drop -> cell.behind() == Behind.ANOTHER_SCREEN;
            case TrailAction.DropTo to -> !mayShow(to.screen(), cell.screen());
            case TrailAction.Restart restart -> !cell.level().base() || !restart.screen().id().equals(cell.screen());
            case TrailAction.Raise r -> true;
            case TrailAction.CloseLevel c -> true;
            case TrailAction.CloseToPages c -> !opensItselfBeneath(cell, actions);
            case TrailAction.Staying s -> false;
            case TrailAction.Leave l -> false;
        };
    }

    /**
     * The other cell of the same row that actions lead to: a screen put on itself, dropping such copies until the first,
     * restarting at the screen that is the only one.
     */
    private Optional<Cell> sameRow(Cell cell, Turn turn) {
        return switch (turn.actions().getFirst()) {
            case TrailAction.Put put when put.screen().id().equals(cell.screen()) -> uncovered(cell, turn);
            case TrailAction.ShowTab show when show.screen().id().equals(cell.screen()) -> uncovered(cell, turn);
            case TrailAction.Turn page when page.screen().id().equals(cell.screen()) -> uncovered(cell, turn);
            case TrailAction.Swap swap when swap.screen().id().equals(cell.screen()) -> uncovered(cell, turn).filter(c -> !c.equals(cell));
            case TrailAction.Restart restart when !changesRow(cell, turn.actions()) -> uncovered(cell, turn);
            case TrailAction.Staying s -> uncovered(cell, turn);
            case TrailAction.Drop d when cell.behind() == Behind.SAME_SCREEN_ONLY && !mayDiffer(cell) -> Optional.of(cell.again(turn.facts()).with(Behind.NOTHING, 0));
            case TrailAction.DropTo to when cell.behind() == Behind.SAME_SCREEN_ONLY && !mayDiffer(cell) -> Optional.of(cell.again(turn.facts()).with(Behind.NOTHING, 0));
            default -> Optional.empty();
        };
    }

    /** Whether the same screen is opened again in place of itself: how many levels that leaves is not looked at. */
    private static boolean opensItselfBeneath(Cell cell, List<TrailAction> actions) {
        return actions.getFirst() instanceof TrailAction.CloseToPages && actions.getLast() instanceof TrailAction.Raise raise && raise.screen().id().equals(cell.screen());
    }

    /** Whether actions go back to an earlier place of the same screen, of which it is not known what lies behind it. */
    private boolean mayComeToItself(Cell cell, List<TrailAction> actions) {
        // What the copies behind were given is not known.
        boolean unlike = cell.behind() == Behind.SAME_SCREEN_ONLY && mayDiffer(cell);
        if (opensItselfBeneath(cell, actions)) {
            return true;
        }
        if (actions.getFirst() instanceof TrailAction.ToRoot || actions.getFirst() instanceof TrailAction.ShowTab) {
            return !changesRow(cell, actions);
        }
        return actions.getFirst() instanceof TrailAction.DropTo to && mayShow(to.screen(), cell.screen()) && (cell.behind() != Behind.SAME_SCREEN_ONLY || unlike)
                || actions.getFirst() instanceof TrailAction.Drop && unlike;
    }

    /** Whether copies of a screen on a trail may hold different things, or stand in a sequence or alone. */
    private boolean mayDiffer(Cell cell) {
        return !turns.prototype().tabSets().isEmpty() || asked.anyHeld(cell.screen()) || !turns.prototype().index().sequencesOf(cell.screen()).isEmpty();
    }

    /** Whether a place named so may show a screen. @param id of a screen or sequence */
    private boolean mayShow(String id, String screen) {
        return id.equals(screen) || turns.prototype().tabSet(id).isPresent() || turns.prototype().sequence(id).filter(s -> s.pages().contains(screen)).isPresent();
    }

    /** The node of the cell that a turn newly uncovers. */
    Optional<Node> after(Node node, Turn turn) {
        List<Optional<Node>> next = after(node);
        for (int i = 0; i < next.size(); i++) {
            if (node.all().get(i) == turn) {
                return next.get(i);
            }
        }
        return Optional.empty();
    }

    /** The nodes of the cells that all turns newly uncover, in their order. */
    List<Optional<Node>> after(Node node) {
        if (node.next == null) {
            // Device back goes back, unless the screen has a link of its own for it.
            node.next = IntStream.range(0, node.all().size()).mapToObj(i -> Optional.of(node.all().get(i)).filter(t -> i < node.turns.size() || t.link().isPresent()).flatMap(t -> uncovered(node.cell, t)).map(nodes::get)).toList();
        }
        return node.next;
    }

    /** Whether it shows a tab as it was left, from where its root need not be come to. */
    boolean isUncertain(Turn turn) {
        return turn.actions().getLast() instanceof TrailAction.ShowTab show && !asked.comesFresh(show.set());
    }

    /** Whether something there is done beneath, and what it uncovers is not exactly known. */
    boolean isInexact(Node node) {
        return !node.cell.around().isEmpty() || !node.cell.past().isEmpty() || !turns.prototype().tabSets().isEmpty() && node.cell.ground() != Ground.ITSELF || asked.goesBeneath() && node.all().stream().anyMatch(t -> t.actions().getFirst() instanceof TrailAction.CloseToPages && (node.cell.level().holdsPages()
                || !node.cell.ground().level().base() || t.actions().getLast() instanceof TrailAction.Drop || t.actions().getLast() instanceof TrailAction.CloseLevel));
    }

    /** Whether facts change that anything asks for. */
    boolean remembers() {
        return asked.changes();
    }

    Turns turns() {
        return turns;
    }

    Device device() {
        return device;
    }

    /** The node of a cell, if it is come to. */
    Optional<Node> node(Cell cell) {
        return Optional.ofNullable(nodes.get(cell));
    }

    /** The nodes of a screen, the nearest first. */
    List<Node> nodesOn(String screen) {
        if (onScreens.isEmpty()) {
            nodes.values().forEach(n -> onScreens.computeIfAbsent(n.cell.screen(), id -> new ArrayList<>()).add(n));
        }
        return onScreens.getOrDefault(screen, List.of());
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
        return loose || !doubtful.isEmpty();
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
        return new Walk(device, node.start, node.route.events());
    }

    /** Whether the search was given up before it was done, for want of room. */
    boolean isGivenUp() {
        return givenUp;
    }
}
