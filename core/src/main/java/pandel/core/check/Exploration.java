package pandel.core.check;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pandel.core.check.Cell.Ground;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.TrailAction;

/**
 * All cells that use of any length can come to on one device, each with a shortest list of events that does.
 *
 * <p>Levels and trails make the situations those of a pushdown system (Bouajjani, Esparza, Maler 1997). Where no fact
 * changes that anything asks for, going back always uncovers a cell as it was when it was covered, so no cell is new by
 * going back, and plain search along what puts, swaps, raises and restarts is exact; only closing to pages needs to
 * know what lies beneath, which {@link Ground} keeps, and returning to a screen, whether it lies behind, which
 * {@link Named} keeps for as many as there is room for. Where facts change, {@link Summaries} searches. What hangs on
 * what is not followed is followed too, as far as it could lead: screens come to only so are neither shown nor ruled
 * out. Without facts it costs time and room in the number of cells and links on them, both in proportion to the
 * prototype; many tab sets in a large one make them many times more, and past a bound it gives up and says so.
 */
final class Exploration {

    private final Device device;
    private final Turns turns;
    private final Map<String, List<Node>> onScreens = new HashMap<>();
    private final Asked asked;
    private final List<Cell> doubtful = new ArrayList<>();
    private final Map<Cell, Node> nodes = new LinkedHashMap<>();
    private final Map<String, Node> nearest = new LinkedHashMap<>();
    private final Set<String> fired = new LinkedHashSet<>();
    private final Named named;
    private final Leading leading;
    private final Rows rows;
    private final Set<String> perhapsFired = new LinkedHashSet<>();
    private final Set<String> perhapsReached = new LinkedHashSet<>();
    private final Set<String> perhapsStuck = new LinkedHashSet<>();
    private boolean givenUp;
    private final Set<Cell> shut = new LinkedHashSet<>();
    private Optional<Bound> bound = Optional.empty();
    private Optional<Spared> spared = Optional.empty();
    private final Map<Cell, Node> beyond = new HashMap<>();
    /** Places that may still be looked at to find out whether one is stuck; past that it is not settled. */
    private int lookingOn = Effort.LOOKING_ON;
    /** Whether facts change, and what hangs on what is not known was followed with any of them. */
    private boolean loose;

    /**
     * Where facts were too many to look at everything.
     *
     * @param most all that could be
     * @param missing what of it was not seen
     */
    private record Spared(Standing most, Set<Trait> missing) {}

    private Exploration(Prototype prototype, Device device, Effort effort, Asked asked) {
        this.device = device;
        this.named = Named.in(prototype, effort.followed());
        this.turns = new Turns(prototype, device, named, asked);
        this.asked = asked;
        this.leading = new Leading(device, named, asked, turns.rules());
        this.rows = new Rows(prototype, asked, leading);
    }

    /**
     * Explores from every usable start among some until nothing is new, or until it is called off; then what it holds
     * is partial.
     */
    static Exploration of(
            Prototype prototype,
            Device device,
            Effort effort,
            Asked asked,
            List<? extends Start> from,
            BooleanSupplier calledOff) {
        Exploration exploration = new Exploration(prototype, device, effort, asked);
        List<? extends Start> usable = from.stream()
                .filter(start -> Starts.isUsable(prototype, device, start))
                .toList();
        if (asked.changes() || usable.stream().anyMatch(StartPoint.class::isInstance)) {
            Bound most = new Bound(exploration, prototype, asked);
            most.run(
                    usable.stream()
                            .map(start -> Starts.lying(exploration, prototype, asked, start))
                            .toList(),
                    calledOff);
            exploration.bound = Optional.of(most).filter(b -> !b.isGivenUp());
            if (exploration.bound.isPresent() && most.size(effort.withFacts()) > effort.withFacts()) {
                Wandering wandering = new Wandering(
                        exploration, prototype, new Sparing(prototype, exploration.turns, asked, most.standing()));
                usable.forEach(start -> wandering.begin(start, Starts.lying(exploration, prototype, asked, start)));
                wandering.run(calledOff);
                exploration.take(wandering.nodes(), false);
                exploration.fired.addAll(wandering.fired());
                exploration.take(most);
                return exploration;
            }
            Summaries summaries = new Summaries(exploration, prototype, asked);
            summaries.run(usable, calledOff);
            exploration.take(summaries.nodes(), summaries.isGivenUp());
        } else {
            exploration.run(
                    usable.stream()
                            .map(start -> new Node(
                                    Starts.begun(exploration, prototype, asked, (Entry) start), 0, Route.NONE, start))
                            .toList(),
                    calledOff);
        }
        if (exploration.bound.filter(exploration::isSettledBy).isPresent()) {
            exploration.loose =
                    asked.changes() && (!exploration.perhapsFired.isEmpty() || !exploration.doubtful.isEmpty());
            exploration.perhapsFired.removeIf(id -> prototype.tabSetOf(id).isEmpty());
            return exploration;
        }
        Perhaps perhaps = new Perhaps(exploration, exploration.perhapsFired, exploration.doubtful);
        perhaps.run(calledOff);
        exploration.perhapsReached.addAll(perhaps.reached());
        exploration.perhapsStuck.addAll(perhaps.stuck());
        exploration.perhapsFired.addAll(perhaps.fired());
        exploration.perhapsFired.removeAll(exploration.fired);
        exploration.bound.ifPresent(exploration::keepWithin);
        exploration.loose = perhaps.isLoose();
        return exploration;
    }

    /** @param found in the order of their distances */
    private void take(Collection<Node> found, boolean notAll) {
        givenUp = notAll;
        for (Node node : found) {
            node.number = nodes.size();
            nodes.put(node.cell, node);
            nearest.putIfAbsent(node.cell.screen(), node);
        }
    }

    /**
     * Whether all that could be was seen: what hangs on doubt need not be followed then. A tab shown as it was left is
     * named by its id, and is no link.
     */
    private boolean isSettledBy(Bound most) {
        return !givenUp
                && nearest.keySet().containsAll(most.standing().ids(Trait.Kind.SHOWN))
                && most.fired().stream()
                        .allMatch(id -> fired.contains(id)
                                || turns.prototype().tabSetOf(id).isPresent())
                && most.standing().isStuckNowhereBut(nodes.keySet());
    }

    /** What cannot be need not be left open. */
    private void keepWithin(Bound most) {
        perhapsReached.retainAll(most.standing().ids(Trait.Kind.SHOWN));
        perhapsFired.retainAll(most.fired());
        perhapsStuck.retainAll(
                most.standing().stuck().stream().map(Cell::screen).collect(Collectors.toSet()));
    }

    /** What is not looked at is settled by what could be at most. */
    private void take(Bound bound) {
        Standing most = bound.standing();
        Set<Cell> looked = new HashSet<>();
        Set<Trait> missing = new LinkedHashSet<>(most.traits());
        for (Node node : nodes.values()) {
            if (looked.add(most.noted(node.cell))) {
                Trait.of(turns.prototype(), node.cell, turns.at(node.cell)).forEach(missing::remove);
            }
        }
        perhapsReached.addAll(most.ids(Trait.Kind.SHOWN));
        perhapsReached.removeAll(nearest.keySet());
        perhapsFired.addAll(bound.fired());
        perhapsFired.removeAll(fired);
        most.stuck().stream().filter(cell -> !looked.contains(cell)).forEach(cell -> perhapsStuck.add(cell.screen()));
        shut.addAll(most.shut());
        spared = Optional.of(new Spared(most, missing));
    }

    private void run(List<Node> starts, BooleanSupplier calledOff) {
        // Ties go to the one found first, so that the same prototype always gives the same lists of events.
        record Waiting(Node node, int order) {}
        PriorityQueue<Waiting> horizon = new PriorityQueue<>(
                Comparator.<Waiting>comparingInt(w -> w.node().distance).thenComparingInt(Waiting::order));
        int order = 0;
        // The shortest way found so far to each cell that is come to: nothing longer waits its turn as well.
        Map<Cell, Integer> found = new HashMap<>();
        for (Node start : starts) {
            found.merge(start.cell, start.distance, Math::min);
            horizon.add(new Waiting(start, order++));
        }
        int room = Effort.room(turns.prototype().screens().size());
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
            node.mayBeginAnew = node.cell.waited() != 0 && node.all().stream().anyMatch(Turn::covers);
            for (Turn turn : node.all()) {
                Optional<Cell> cell = uncovered(node.cell, turn);
                int distance = node.distance + turn.events().size();
                if (cell.isPresent() && found.getOrDefault(cell.get(), Integer.MAX_VALUE) > distance) {
                    found.put(cell.get(), distance);
                    horizon.add(new Waiting(
                            new Node(cell.get(), distance, node.route.and(turn.events()), node.start), order++));
                }
            }
        }
    }

    /** Finds out what can be done at a node, and what each thing comes to. */
    Turns.All look(Node node) {
        node.looked = true;
        Turns.All all = turns.at(node.cell);
        Turns.Done done = all.here();
        Turns.Done back = all.back();
        node.turns = done.sure();
        node.back = back.sure();
        node.doubted = all.doubted();
        node.idle = all.idle();
        perhapsFired.addAll(node.doubted);
        Stream.concat(done.doubtful().stream(), back.doubtful().stream()).forEach(turn -> {
            turn.link().ifPresent(perhapsFired::add);
            uncovered(node.cell, turn).ifPresent(doubtful::add);
        });
        for (Turn turn : node.turns) {
            turn.link().ifPresent(fired::add);
            boolean perhaps = isUncertain(turn);
            node.movesOn |= leadsOn(node.cell, turn);
            node.mayComeToItself |= perhaps || rows.mayComeToItself(node.cell, turn.actions());
            rows.same(node.cell, turn).ifPresent(node.stays::add);
        }
        node.back.forEach(turn -> {
            turn.link().ifPresent(fired::add);
            boolean perhaps = isUncertain(turn);
            node.movesOnByBack |= leadsOn(node.cell, turn);
            node.mayComeToItselfByBack |= perhaps || rows.mayComeToItself(node.cell, turn.actions());
            rows.same(node.cell, turn).ifPresent(node.staysByBack::add);
        });
        return all;
    }

    /** Whether a turn surely shows another row of screens, or leads to an outside address. */
    boolean leadsOn(Cell cell, Turn turn) {
        return turn.leavesTo() || !isUncertain(turn) && rows.changes(cell, turn.actions());
    }

    /** The cell that a turn leads to; empty when it goes back to a place that was come to before. */
    Optional<Cell> uncovered(Cell cell, Turn turn) {
        return leading.uncovered(cell, turn);
    }

    /** The cell that an action of its own leads to from another; the action goes forward. */
    Cell after(Cell cell, TrailAction forward, Facts facts) {
        return leading.uncovered(
                        cell,
                        new Turn(
                                List.of(), Optional.empty(), List.of(forward), facts, cell.held(), 0, Optional.empty()))
                .orElseThrow();
    }

    /** The node of the cell that a turn newly uncovers. */
    Optional<Node> after(Node node, Turn turn) {
        List<Optional<Node>> next = after(node);
        return IntStream.range(0, next.size())
                .filter(i -> node.all().get(i) == turn)
                .mapToObj(next::get)
                .findFirst()
                .flatMap(n -> n);
    }

    /** The same, looked at now where it was spared. */
    Optional<Node> next(Node node, Turn turn) {
        return after(node, turn)
                .or(() -> spared.flatMap(s -> uncovered(node.cell, turn)).flatMap(cell -> node(node, cell)));
    }

    /** The nodes of the cells that all turns newly uncover, in their order. */
    List<Optional<Node>> after(Node node) {
        if (node.next == null) {
            // Device back goes back, unless the screen has a link of its own for it.
            List<Optional<Cell>> cells = IntStream.range(0, node.all().size())
                    .mapToObj(i -> Optional.of(node.all().get(i))
                            .filter(t -> i < node.turns.size() || t.link().isPresent())
                            .flatMap(t -> uncovered(node.cell, t)))
                    .toList();
            node.next = cells.stream().map(cell -> cell.map(nodes::get)).toList();
            node.mayComeAgain |= cells.stream().flatMap(Optional::stream).anyMatch(cell -> !nodes.containsKey(cell));
        }
        return node.next;
    }

    /** Whether it shows a tab as it was left, from where its root need not be come to. */
    boolean isUncertain(Turn turn) {
        return turn.actions().getLast() instanceof TrailAction.ShowTab show && !asked.comesFresh(show.set());
    }

    /** Whether something there is done beneath, and what it uncovers is not exactly known. */
    boolean isInexact(Node node) {
        return !node.cell.around().isEmpty()
                || !node.cell.past().isEmpty()
                || !turns.prototype().tabSets().isEmpty() && node.cell.ground() != Ground.ITSELF
                || asked.goesBeneath()
                        && node.all().stream()
                                .anyMatch(t -> t.actions().getFirst() instanceof TrailAction.CloseToPages
                                        && (node.cell.level().holdsPages()
                                                || !node.cell.ground().level().base()
                                                || t.actions().getLast() instanceof TrailAction.Drop
                                                || t.actions().getLast() instanceof TrailAction.CloseLevel));
    }

    /** Whether facts change that anything asks for. */
    boolean remembers() {
        return asked.changes();
    }

    Rows rows() {
        return rows;
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

    /** The node of a cell that one surely comes to from a node; looked at now where it was spared. */
    Optional<Node> node(Node from, Cell cell) {
        if (spared.isEmpty() || nodes.containsKey(cell)) {
            return node(cell);
        }
        return Optional.of(beyond.computeIfAbsent(cell, c -> {
            Node made = new Node(cell, from.distance, from.route, from.start);
            look(made);
            return made;
        }));
    }

    /** Whether one more place may be looked at to find out whether one is stuck. */
    boolean mayLookOn() {
        return lookingOn-- > 0;
    }

    /** Whether facts were too many to look at everything. */
    boolean isSpared() {
        return spared.isPresent();
    }

    /** What may be at a place and was not seen there, where facts were too many to look at everything. */
    Set<Trait> missing() {
        return spared.map(Spared::missing).orElse(Set.of());
    }

    /** Whether a look that was not seen may show all the same. */
    boolean mayLook(String state) {
        return (isSpared() || givenUp || isDoubtful())
                && bound.map(b -> b.standing().ids(Trait.Kind.LOOKS).contains(state))
                        .orElse(true);
    }

    /** Whether what is open at a node surely closes, whatever is remembered by then. */
    boolean surelyCloses(Node node) {
        return spared.isPresent() && !shut.contains(spared.get().most().noted(node.cell));
    }

    /** Ids of the screens on which what is open may never close, which was not followed. */
    Set<String> perhapsShut() {
        return shut.stream().map(Cell::screen).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** The nodes of a screen, the nearest first. */
    List<Node> nodesOn(String screen) {
        if (onScreens.isEmpty()) {
            nodes.values()
                    .forEach(n -> onScreens
                            .computeIfAbsent(n.cell.screen(), id -> new ArrayList<>())
                            .add(n));
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

    /** The links that do something somewhere with each outcome, and where that is soonest. */
    Map<LinkOutcome, Walk> travelled() {
        Map<LinkOutcome, Walk> travelled = new LinkedHashMap<>();
        for (Node node : nodes.values()) {
            for (Turn turn : node.all()) {
                turn.link()
                        .map(link ->
                                new LinkOutcome(link, turn.events().getLast().outcome()))
                        .filter(t -> !travelled.containsKey(t))
                        .ifPresent(t -> travelled.put(t, walkTo(node).and(turn.events())));
            }
        }
        return travelled;
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
