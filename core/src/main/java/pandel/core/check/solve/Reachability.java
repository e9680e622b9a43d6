package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.Cell.Ground;
import pandel.core.check.compile.Done;
import pandel.core.check.compile.FollowedScreens;
import pandel.core.check.compile.Relevance;
import pandel.core.check.compile.Rows;
import pandel.core.check.compile.Successors;
import pandel.core.check.compile.Turn;
import pandel.core.check.compile.Turns;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.check.finding.Walk;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.TrailAction;

/**
 * All cells that use of any length comes to on one device, each with a shortest list of events that does, as
 * {@link Explorer} found them, and what may be besides and is not settled.
 */
public final class Reachability {

    private final Device device;
    private final Turns turns;
    private final Map<String, List<Node>> onScreens = new HashMap<>();
    private final Relevance relevance;
    final List<Cell> doubtful = new ArrayList<>();
    final Map<Cell, Node> nodes = new LinkedHashMap<>();
    final Map<String, Node> nearest = new LinkedHashMap<>();
    final Set<String> fired = new LinkedHashSet<>();
    private final FollowedScreens named;
    private final Successors leading;
    private final Rows rows;
    final Set<String> perhapsFired = new LinkedHashSet<>();
    final Set<String> perhapsReached = new LinkedHashSet<>();
    final Set<String> perhapsStuck = new LinkedHashSet<>();
    boolean givenUp;
    final Set<Cell> shut = new LinkedHashSet<>();
    /** What could be at most; empty where nothing was over-approximated, or not all of it. */
    Optional<PossibleCells> possible = Optional.empty();

    Optional<Spared> spared = Optional.empty();
    private final Map<Cell, Node> beyond = new HashMap<>();
    /** Places that may still be looked at to find out whether one is stuck; past that it is not settled. */
    private int lookingOn = Budget.LOOKING_ON;
    /** Whether facts change, and what hangs on what is not known was followed with any of them. */
    boolean loose;

    /**
     * Where facts were too many to look at everything.
     *
     * @param most all that could be
     * @param missing what of it was not seen
     */
    record Spared(PossibleCells most, Set<Trait> missing) {}

    Reachability(Prototype prototype, Device device, Budget effort, Relevance relevance) {
        this.device = device;
        this.named = FollowedScreens.in(prototype, effort.followed());
        this.turns = new Turns(prototype, device, named, relevance);
        this.relevance = relevance;
        this.leading = new Successors(device, named, relevance, turns.rules());
        this.rows = new Rows(prototype, relevance, leading);
    }

    /** Finds out what can be done at a node, and what each thing comes to. */
    Turns.All look(Node node) {
        node.looked = true;
        Turns.All all = turns.at(node.cell);
        Done done = all.here();
        Done back = all.back();
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
    public Cell after(Cell cell, TrailAction forward, Facts facts) {
        return leading.uncovered(
                        cell,
                        new Turn(
                                List.of(), Optional.empty(), List.of(forward), facts, cell.held(), 0, Optional.empty()))
                .orElseThrow();
    }

    /** The node of the cell that a turn newly uncovers. */
    public Optional<Node> after(Node node, Turn turn) {
        List<Optional<Node>> next = after(node);
        return IntStream.range(0, next.size())
                .filter(i -> node.all().get(i) == turn)
                .mapToObj(next::get)
                .findFirst()
                .flatMap(n -> n);
    }

    /** The same, looked at now where it was spared. */
    public Optional<Node> next(Node node, Turn turn) {
        return after(node, turn)
                .or(() -> spared.flatMap(s -> uncovered(node.cell, turn)).flatMap(cell -> node(node, cell)));
    }

    /** The nodes of the cells that all turns newly uncover, in their order. */
    public List<Optional<Node>> after(Node node) {
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
        return turn.actions().getLast() instanceof TrailAction.ShowTab show
                && !relevance.tabs().comesFresh(show.set());
    }

    /** Whether something there is done beneath, and what it uncovers is not exactly known. */
    public boolean isInexact(Node node) {
        return !node.cell.around().isEmpty()
                || !node.cell.past().isEmpty()
                || !turns.prototype().tabSets().isEmpty() && node.cell.ground() != Ground.ITSELF
                || relevance.goesBeneath()
                        && node.all().stream()
                                .anyMatch(t -> t.actions().getFirst() instanceof TrailAction.CloseToPages
                                        && (node.cell.level().holdsPages()
                                                || !node.cell.ground().level().base()
                                                || t.actions().getLast() instanceof TrailAction.Drop
                                                || t.actions().getLast() instanceof TrailAction.CloseLevel));
    }

    /** Whether facts change that anything asks for. */
    boolean remembers() {
        return relevance.changes();
    }

    Rows rows() {
        return rows;
    }

    public Turns turns() {
        return turns;
    }

    public Device device() {
        return device;
    }

    /** The node of a cell, if it is come to. */
    public Optional<Node> node(Cell cell) {
        return Optional.ofNullable(nodes.get(cell));
    }

    /** The node of a cell that one surely comes to from a node; looked at now where it was spared. */
    public Optional<Node> node(Node from, Cell cell) {
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
    public boolean mayLookOn() {
        return lookingOn-- > 0;
    }

    /** Whether facts were too many to look at everything. */
    public boolean isSpared() {
        return spared.isPresent();
    }

    /** What may be at a place and was not seen there, where facts were too many to look at everything. */
    public Set<Trait> missing() {
        return spared.map(Spared::missing).orElse(Set.of());
    }

    /** Whether a look that was not seen may show all the same. */
    public boolean mayLook(String state) {
        return (isSpared() || givenUp || isDoubtful())
                && possible.map(p -> p.ids(Trait.Kind.LOOKS).contains(state)).orElse(true);
    }

    /** Whether what is open at a node surely closes, whatever is remembered by then. */
    public boolean surelyCloses(Node node) {
        return spared.isPresent() && !shut.contains(spared.get().most().noted(node.cell));
    }

    /** Ids of the screens on which what is open may never close, which was not followed. */
    public Set<String> perhapsShut() {
        return shut.stream().map(Cell::screen).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** The nodes of a screen, the nearest first. */
    public List<Node> nodesOn(String screen) {
        if (onScreens.isEmpty()) {
            nodes.values()
                    .forEach(n -> onScreens
                            .computeIfAbsent(n.cell.screen(), id -> new ArrayList<>())
                            .add(n));
        }
        return onScreens.getOrDefault(screen, List.of());
    }

    public Collection<Node> nodes() {
        return nodes.values();
    }

    /** Ids of the links that do something somewhere. */
    Set<String> fired() {
        return fired;
    }

    /** The links that do something somewhere, each outcome apart. */
    public Set<LinkOutcome> outcomes() {
        Set<LinkOutcome> outcomes = new LinkedHashSet<>();
        nodes.values().forEach(node -> node.all().forEach(turn -> outcome(turn).ifPresent(outcomes::add)));
        return outcomes;
    }

    /** The same with a walk to each that ends with it, the nearest. */
    public Map<LinkOutcome, Walk> travelled() {
        Map<LinkOutcome, Walk> travelled = new LinkedHashMap<>();
        for (Node node : nodes.values()) {
            for (Turn turn : node.all()) {
                outcome(turn)
                        .filter(t -> !travelled.containsKey(t))
                        .ifPresent(t -> travelled.put(t, walkTo(node).and(turn.events())));
            }
        }
        return travelled;
    }

    private static Optional<LinkOutcome> outcome(Turn turn) {
        return turn.link()
                .map(link -> new LinkOutcome(link, turn.events().getLast().outcome()));
    }

    /** Ids of the links of which it is not settled whether they do something. */
    public Set<String> perhapsFired() {
        return perhapsFired;
    }

    /** Ids of the screens of which it is not settled whether they are ever current. */
    public Set<String> perhapsReached() {
        return perhapsReached;
    }

    /** Ids of the screens that may be come to in a way from which nothing leads on at once. */
    public Set<String> perhapsStuck() {
        return perhapsStuck;
    }

    /** Whether some waits come only when something is not found that may lie behind. */
    public boolean isDoubtful() {
        return loose || !doubtful.isEmpty();
    }

    FollowedScreens named() {
        return named;
    }

    /** The nearest cell of each screen come to, in the order they were come to. */
    public Map<String, Node> nearest() {
        return nearest;
    }

    /** A shortest list of events that comes to a node. */
    public Walk walkTo(Node node) {
        return new Walk(device, node.start, node.route.events());
    }

    /** Whether the search was given up before it was done, for want of room. */
    public boolean isGivenUp() {
        return givenUp;
    }
}
