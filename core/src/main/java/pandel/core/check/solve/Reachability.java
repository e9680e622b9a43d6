package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Replays;
import pandel.core.check.compile.Table;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.check.finding.Walk;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Turn;
import pandel.core.check.turn.Turns;
import pandel.core.model.device.Device;
import pandel.core.play.situation.Situation;

/**
 * All places that use of any length comes to on one device, each with a shortest list of events that does, as
 * {@link Explorer} found them, and what may be besides and is not settled.
 */
public final class Reachability {

    private final PushdownSystem system;
    private final Map<String, List<Node>> onScreens = new HashMap<>();
    /** Places that hang on what is not known. */
    final Places doubtful = new Places();

    private final List<Node> nodes = new ArrayList<>();
    /** What the nodes stand for, by their numbers. */
    private final Places places = new Places();

    final Map<String, Node> nearest = new LinkedHashMap<>();
    final Set<String> fired = new LinkedHashSet<>();
    final Set<String> perhapsFired = new LinkedHashSet<>();
    final Set<String> perhapsReached = new LinkedHashSet<>();
    final Set<String> perhapsStuck = new LinkedHashSet<>();
    private final BitSet looked = new BitSet();
    boolean givenUp;
    /** What could be at most; empty where nothing was over-approximated, or not all of it. */
    Optional<PossibleCells> possible = Optional.empty();

    Optional<Spared> spared = Optional.empty();
    private final Places beyondPlaces = new Places();
    private final List<Node> beyond = new ArrayList<>();
    /** Whether facts change, and what hangs on what is not known was followed with any of them. */
    boolean loose;

    /**
     * Where facts were too many to look at everything.
     *
     * @param most all that could be
     * @param missing what of it was not seen
     * @param shut where what is open may never close
     */
    record Spared(PossibleCells most, Set<Trait> missing, PossibleCells.Shut shut) {}

    Reachability(PushdownSystem system) {
        this.system = system;
    }

    /** Takes in what can be done at a place come to. */
    Table look(int head, int valuation) {
        Table table = system.at(head, valuation);
        for (int i = 0; i < table.doubtful().size(); i++) {
            int to = system.toPerhaps(head, table, i);
            if (to != Table.NOWHERE) {
                doubtful.of(to, system.after(head, valuation, table.doubtfulOwn(i)));
            }
        }
        if (!looked.get(table.number())) {
            looked.set(table.number());
            perhapsFired.addAll(table.doubted());
            table.doubtful().forEach(turn -> turn.link().ifPresent(perhapsFired::add));
            table.all().forEach(turn -> turn.link().ifPresent(fired::add));
        }
        return table;
    }

    /**
     * Takes in what was found; what play does not come to by its list of events is left in doubt.
     *
     * @param found in the order of their distances
     */
    void take(List<Node> found, boolean notAll) {
        givenUp = notAll;
        Replays replays = new Replays(system.prototype(), system.device());
        Set<Node> failing = found.stream()
                .filter(node -> remembers() && node.route.isAssuming() && !isPlayed(node, replays))
                .collect(Collectors.toSet());
        for (Node node : found) {
            if (failing.contains(node)) {
                doubtful.of(node.head, node.valuation);
                continue;
            }
            node.number = places.of(node.head, node.valuation);
            nodes.add(node);
            nearest.putIfAbsent(node.cell.screen(), node);
        }
        nodes.forEach(this::connect);
        if (!failing.isEmpty()) {
            nodes.forEach(node -> node.forget(failing));
            perhapsFired.addAll(fired);
            fired.clear();
            nodes.forEach(node -> node.all().forEach(turn -> turn.link().ifPresent(fired::add)));
            perhapsFired.removeAll(fired);
        }
    }

    /** Whether its list of events comes to a node when it is played. */
    private boolean isPlayed(Node node, Replays replays) {
        Cell cell = node.cell;
        Situation there = replays.after(node.start, node.route);
        return there.screen().equals(cell.screen())
                && there.drawer().equals(cell.drawer())
                && there.levels().size() == 1 == cell.level().base()
                && system.relevance().notice().isThere(cell.facts(), there)
                && system.relevance()
                        .of(there.facts())
                        .only(turns().local().on(cell.screen()))
                        .equals(system.relevance().notice().gone(cell.facts()));
    }

    /** Finds the nodes that each turn newly uncovers. Device back goes back, unless the screen has a link for it. */
    private void connect(Node node) {
        Table table = node.table();
        if (table == null) {
            return;
        }
        node.next = new int[table.all().size()];
        for (int i = 0; i < node.next.length; i++) {
            boolean goesBack =
                    i >= table.turns().size() && table.all().get(i).link().isEmpty();
            int head = goesBack ? Table.NOWHERE : system.to(node.head, table, i);
            node.next[i] = head == Table.NOWHERE
                    ? Places.NONE
                    : places.find(head, system.after(node.head, node.valuation, table.own(i)));
            node.mayComeAgain |= head != Table.NOWHERE && node.next[i] == Places.NONE;
        }
    }

    /**
     * The node of the place that a turn newly uncovers; null where that is none, or was not come to.
     *
     * @param turn its place among all of the node
     */
    public @Nullable Node after(Node node, int turn) {
        return node.next.length == 0 || node.next[turn] == Places.NONE ? null : nodes.get(node.next[turn]);
    }

    /** The same, looked at now where it was spared. */
    public @Nullable Node next(Node node, int turn) {
        Node known = after(node, turn);
        Table table = node.table();
        if (known != null || spared.isEmpty() || table == null) {
            return known;
        }
        int head = system.to(node.head, table, turn);
        return head == Table.NOWHERE
                ? null
                : node(node, head, system.after(node.head, node.valuation, table.own(turn)));
    }

    /**
     * The node of a place come to again, with what is remembered after a turn of another; null where it is not known.
     */
    public @Nullable Node again(Node last, Node from, int turn) {
        Table table = from.table();
        return table == null
                ? null
                : node(from, system.again(last.head), system.after(from.head, from.valuation, table.own(turn)));
    }

    /**
     * The nodes with the same row of screens that turns lead to; null among them where one is not known.
     *
     * @param byBack those that device back leads to
     */
    public List<@Nullable Node> stays(Node node, boolean byBack) {
        Table table = node.table();
        List<@Nullable Node> stays = new ArrayList<>();
        if (table != null) {
            PushdownSystem.Same same = system.same(node.head, node.valuation, table, byBack);
            for (int i = 0; i < same.heads().length; i++) {
                stays.add(node(node, same.heads()[i], system.after(node.head, node.valuation, same.own()[i])));
            }
        }
        return stays;
    }

    @Nullable
    Node find(int head, int valuation) {
        int number = places.find(head, valuation);
        return number == Places.NONE ? null : nodes.get(number);
    }

    /** The node of a place that one surely comes to from a node; looked at now where it was spared. */
    private @Nullable Node node(Node from, int head, int valuation) {
        Node known = find(head, valuation);
        if (known != null || spared.isEmpty()) {
            return known;
        }
        int number = beyondPlaces.of(head, valuation);
        if (number == beyond.size()) {
            Table table = look(head, valuation);
            beyond.add(new Node(system, head, valuation, table, from.route, from.start));
        }
        return beyond.get(number);
    }

    /** Whether it shows a tab as it was left, from where its root need not be come to. */
    public boolean isUncertain(Node node, int turn) {
        Table table = node.table();
        return table != null && table.isUncertain(turn);
    }

    /** Whether facts change that anything asks for. */
    boolean remembers() {
        return system.relevance().changes();
    }

    public PushdownSystem system() {
        return system;
    }

    public Turns turns() {
        return system.turns();
    }

    public Device device() {
        return system.device();
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
        return spared.filter(s -> !s.shut().holds(s.most().noted(node.head, node.valuation)))
                .isPresent();
    }

    /** Ids of the screens on which what is open may never close, which was not followed. */
    public Set<String> perhapsShut() {
        return spared.map(s -> s.shut().screens()).orElse(Set.of());
    }

    /** The nodes of a screen, the nearest first. */
    public List<Node> nodesOn(String screen) {
        if (onScreens.isEmpty()) {
            nodes.forEach(n -> onScreens
                    .computeIfAbsent(n.cell.screen(), id -> new ArrayList<>())
                    .add(n));
        }
        return onScreens.getOrDefault(screen, List.of());
    }

    /** All nodes by their numbers. */
    public List<Node> nodes() {
        return nodes;
    }

    /** Ids of the links that do something somewhere. */
    Set<String> fired() {
        return fired;
    }

    /** The links that do something somewhere, each outcome apart. */
    public Set<LinkOutcome> outcomes() {
        return travelling().keySet();
    }

    /** The same with a walk to each that ends with it, the nearest. */
    public Map<LinkOutcome, Walk> travelled() {
        Map<LinkOutcome, Walk> travelled = new LinkedHashMap<>();
        travelling()
                .forEach((what, first) -> travelled.put(
                        what, walkTo(first.node()).and(first.turn().events())));
        return travelled;
    }

    private record First(Node node, Turn turn) {}

    private Map<LinkOutcome, First> travelling() {
        Map<LinkOutcome, First> travelling = new LinkedHashMap<>();
        BitSet seen = new BitSet();
        for (Node node : nodes) {
            Table table = node.table();
            if (table == null || seen.get(table.number())) {
                continue;
            }
            seen.set(table.number());
            for (Turn turn : table.all()) {
                turn.link()
                        .map(link ->
                                new LinkOutcome(link, turn.events().getLast().outcome()))
                        .ifPresent(what -> travelling.putIfAbsent(what, new First(node, turn)));
            }
        }
        return travelling;
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

    /** Whether nothing hangs on what is not known. */
    boolean isWithoutDoubt() {
        return perhapsFired.isEmpty() && doubtful.size() == 0;
    }

    /** Whether some waits come only when something is not found that may lie behind. */
    public boolean isDoubtful() {
        return loose || doubtful.size() > 0;
    }

    public FollowedScreens named() {
        return system.named();
    }

    /** The nearest node of each screen come to, in the order they were come to. */
    public Map<String, Node> nearest() {
        return nearest;
    }

    /** A shortest list of events that comes to a node. */
    public Walk walkTo(Node node) {
        return new Walk(system.device(), node.start, node.route.events());
    }

    /** Whether the search was given up before it was done, for want of room. */
    public boolean isGivenUp() {
        return givenUp;
    }
}
