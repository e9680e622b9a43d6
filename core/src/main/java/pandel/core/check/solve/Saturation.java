package pandel.core.check.solve;

import com.carrotsearch.hppc.IntArrayList;
import com.carrotsearch.hppc.LongIntHashMap;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.Descents;
import pandel.core.check.compile.Keys;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Route;
import pandel.core.check.compile.Table;
import pandel.core.check.solve.Node.Again;
import pandel.core.model.start.Start;

/**
 * The search where facts change: what is put on a place may change them, and then the place is uncovered with other
 * facts. For each place, each way in which it can go, sooner or later (how much goes with it, and with which facts) is
 * a summary that holds for everything the place was ever put on (Sharir, Pnueli 1981; Reps, Horwitz, Sagiv 1995); edges
 * and summaries are added until none is new (saturation: Bouajjani, Esparza, Maler 1997). Lists of events are shortest,
 * since summaries are found in the order of their length (Knuth 1977). Time and room grow with places times the facts
 * they can go with; past a bound it gives up and says so.
 */
final class Saturation {

    /** Places, edges and summaries, at most: some 120 MB. */
    private static final int ROOM = 1_500_000;
    /** What a place takes, in the same measure. */
    private static final int PLACE = 10;

    private static final int NONE = -1;

    private final Reachability to;
    private final PushdownSystem system;
    private final int most;
    private final Places places = new Places();
    private final List<@Nullable Table> tables = new ArrayList<>();
    private final IntArrayList fresh = new IntArrayList();
    private final IntArrayList starts = new IntArrayList();
    private final List<Start> startOf = new ArrayList<>();

    private final IntArrayList edgeFrom = new IntArrayList();
    private final IntArrayList edgeTo = new IntArrayList();
    private final List<Route> edgeBy = new ArrayList<>();
    private final BitSet pushes = new BitSet();
    /** Of each place the last edge to it, and of each edge the one before; the same for those from it. */
    private final IntArrayList lastInto = new IntArrayList();

    private final IntArrayList beforeInto = new IntArrayList();
    private final IntArrayList lastOn = new IntArrayList();
    private final IntArrayList beforeOn = new IntArrayList();

    /** The ways in which places go with facts, numbered. */
    private final LongIntHashMap ways = new LongIntHashMap();

    private final IntArrayList wayPop = new IntArrayList();
    private final IntArrayList wayValuation = new IntArrayList();

    /** The summaries: a place and a way in which it goes. */
    private final LongIntHashMap summaries = new LongIntHashMap();

    private final IntArrayList summaryPlace = new IntArrayList();
    private final IntArrayList summaryWay = new IntArrayList();
    private final List<Route> summaryBy = new ArrayList<>();
    private final BitSet settled = new BitSet();
    /** Of each place the last of its settled summaries, and of each summary the one before. */
    private final IntArrayList lastSettled = new IntArrayList();

    private final IntArrayList beforeSettled = new IntArrayList();
    private final Buckets horizon = new Buckets();

    /** From a place, the edge to the same with other facts, and to what comes when all above it has closed. */
    private final LongIntHashMap agains = new LongIntHashMap();

    private final IntArrayList againEdges = new IntArrayList();
    private final LongIntHashMap landed = new LongIntHashMap();
    private int count;
    private List<Node> found = List.of();

    /** @param most places at most */
    Saturation(Reachability to, int most) {
        this.to = to;
        this.most = most;
        this.system = to.system();
    }

    /** Searches from every start; each can begin. */
    void run(List<? extends Start> from, BooleanSupplier calledOff) {
        from.forEach(this::begin);
        look();
        while (!horizon.isEmpty() && !isGivenUp() && !calledOff.getAsBoolean()) {
            int summary = horizon.remove();
            if (settled.get(summary)) {
                continue;
            }
            int place = summaryPlace.get(summary);
            settled.set(summary);
            beforeSettled.set(summary, lastSettled.get(place));
            lastSettled.set(place, summary);
            for (int edge = lastInto.get(place); edge != NONE; edge = beforeInto.get(edge)) {
                goOn(edge, summary);
            }
            look();
        }
        measure();
    }

    boolean isGivenUp() {
        return count > ROOM || places.size() > most || system.isTooLarge();
    }

    /** Every place come to, in the order of their distances. */
    List<Node> nodes() {
        return found;
    }

    /** The places of a start; only the last is current, the others may be uncovered. */
    private void begin(Start start) {
        StartCells.Lying lying = StartCells.lying(system, start);
        int below = NONE;
        for (int i = 0; i < lying.heads().length; i++) {
            int head = lying.heads()[i];
            int place = i == lying.heads().length - 1
                    ? place(head, lying.valuation())
                    : grown(places.apart(head, lying.valuation()));
            if (below != NONE) {
                edge(below, place, Route.NONE, true);
            }
            below = place;
            if (!starts.contains(place)) {
                starts.add(place);
                startOf.add(start);
            }
        }
    }

    private int place(int head, int valuation) {
        int place = places.of(head, valuation);
        if (place == tables.size()) {
            grown(place);
            fresh.add(place);
            count += PLACE;
        }
        return place;
    }

    private int grown(int place) {
        tables.add(null);
        lastInto.add(NONE);
        lastOn.add(NONE);
        lastSettled.add(NONE);
        return place;
    }

    /** Looks at all places newly come to, and at those they lead to. */
    private void look() {
        while (!fresh.isEmpty() && !isGivenUp()) {
            int place = fresh.removeLast();
            Table table = to.look(places.head(place), places.valuation(place));
            tables.set(place, table);
            for (int i = 0; i < table.all().size(); i++) {
                follow(place, table, i);
            }
        }
    }

    private void follow(int place, Table table, int turn) {
        int head = places.head(place);
        int valuation = system.after(head, places.valuation(place), table.own(turn));
        switch (table.move(turn)) {
            case SWAP -> edge(place, place(system.to(head, table, turn), valuation), table.route(turn), false);
            case PUSH -> edge(place, place(system.to(head, table, turn), valuation), table.route(turn), true);
            // What restarts leaves nothing behind: it is come to, and its going concerns nobody.
            case RESTART -> edgeOn(place, place(system.to(head, table, turn), valuation), table.route(turn));
            case POP -> go(place, table.pop(turn), valuation, table.route(turn), Route.NONE);
            case LEAVE -> {}
        }
    }

    private int edgeOn(int from, int on, Route by) {
        int edge = edgeFrom.size();
        edgeFrom.add(from);
        edgeTo.add(on);
        edgeBy.add(by);
        beforeInto.add(NONE);
        beforeOn.add(lastOn.get(from));
        lastOn.set(from, edge);
        count++;
        return edge;
    }

    private int edge(int from, int on, Route by, boolean push) {
        int edge = edgeOn(from, on, by);
        pushes.set(edge, push);
        beforeInto.set(edge, lastInto.get(on));
        lastInto.set(on, edge);
        for (int summary = lastSettled.get(on); summary != NONE; summary = beforeSettled.get(summary)) {
            goOn(edge, summary);
        }
        return edge;
    }

    private void go(int place, int pop, int valuation, Route first, Route then) {
        long key = Keys.of(pop, valuation);
        int way = ways.getOrDefault(key, NONE);
        if (way == NONE) {
            way = wayPop.size();
            ways.put(key, way);
            wayPop.add(pop);
            wayValuation.add(valuation);
        }
        go(place, way, first, then);
    }

    private void go(int place, int way, Route first, Route then) {
        int length = first.length() + then.length();
        int summary = summaries.getOrDefault(Keys.of(place, way), NONE);
        if (summary == NONE) {
            summary = summaryPlace.size();
            summaries.put(Keys.of(place, way), summary);
            summaryPlace.add(place);
            summaryWay.add(way);
            summaryBy.add(first.and(then));
            beforeSettled.add(NONE);
            count++;
        } else if (length < summaryBy.get(summary).length()) {
            summaryBy.set(summary, first.and(then));
        } else {
            return;
        }
        horizon.add(summary, length);
    }

    /** What it means for a place that one it leads to, or one put on it, can go in a way. */
    private void goOn(int edge, int summary) {
        int from = edgeFrom.get(edge);
        Route by = edgeBy.get(edge);
        Route then = summaryBy.get(summary);
        int way = summaryWay.get(summary);
        if (!pushes.get(edge)) {
            go(from, way, by, then);
            return;
        }
        int valuation = wayValuation.get(way);
        int pop = wayPop.get(way);
        int descent = system.descent(places.head(from), places.head(edgeTo.get(edge)), pop);
        switch (descent) {
            case Descents.UNCOVERS -> uncover(from, valuation, by, then);
            case Descents.LANDS -> land(from, pop, valuation, by, then, false);
            case Descents.LANDS_ABOVE -> land(from, pop, valuation, by, then, true);
            default -> {
                if (descent == pop) {
                    go(from, way, by, then);
                } else {
                    go(from, descent, valuation, by, then);
                }
            }
        }
    }

    /** What went has come down to a place; then something comes. */
    private void land(int from, int pop, int valuation, Route push, Route way, boolean pushes) {
        int on = place(system.landing(places.head(from), pop), valuation);
        int length = push.length() + way.length();
        // What is opened beneath itself, again and again, comes to the same place by ever longer ways.
        if (length < landed.getOrDefault(Keys.of(from, on), Integer.MAX_VALUE)) {
            landed.put(Keys.of(from, on), length);
            edge(from, on, push.and(way), pushes);
        }
    }

    /** The same place is current again, with other facts or with waits begun anew. */
    private void uncover(int on, int valuation, Route push, Route way) {
        int again = place(system.again(places.head(on)), valuation);
        if (again == on) {
            return;
        }
        int known = agains.getOrDefault(Keys.of(on, again), NONE);
        if (known == NONE || push.length() + way.length() < edgeBy.get(known).length()) {
            int edge = edge(on, again, push.and(way), false);
            agains.put(Keys.of(on, again), edge);
            againEdges.add(edge);
        }
    }

    /** How far each place is from a start, and the nodes of those that were come to. */
    private void measure() {
        int size = places.size();
        int[] distances = new int[size];
        Arrays.fill(distances, Integer.MAX_VALUE);
        Route[] routes = new Route[size];
        Start[] begun = new Start[size];
        Buckets far = new Buckets();
        for (int i = 0; i < starts.size(); i++) {
            int place = starts.get(i);
            distances[place] = 0;
            routes[place] = Route.NONE;
            begun[place] = startOf.get(i);
            far.add(place, 0);
        }
        BitSet done = new BitSet();
        while (!far.isEmpty()) {
            int place = far.remove();
            if (done.get(place)) {
                continue;
            }
            done.set(place);
            for (int edge = lastOn.get(place); edge != NONE; edge = beforeOn.get(edge)) {
                int on = edgeTo.get(edge);
                int distance = distances[place] + edgeBy.get(edge).length();
                if (distance < distances[on]) {
                    distances[on] = distance;
                    routes[on] = routes[place].and(edgeBy.get(edge));
                    begun[on] = begun[place];
                    far.add(on, distance);
                }
            }
        }
        collect(distances, routes, begun);
    }

    private void collect(int[] distances, Route[] routes, Start[] begun) {
        Node[] nodes = new Node[places.size()];
        found = IntStream.range(0, places.size())
                .filter(p -> begun[p] != null && places.find(places.head(p), places.valuation(p)) == p)
                .boxed()
                .sorted(Comparator.comparingInt(p -> distances[p]))
                .map(p -> {
                    int head = places.head(p);
                    nodes[p] = new Node(system, head, places.valuation(p), tables.get(p), routes[p], begun[p]);
                    return nodes[p];
                })
                .toList();
        for (int i = 0; i < againEdges.size(); i++) {
            int edge = againEdges.get(i);
            int from = edgeFrom.get(edge);
            int on = edgeTo.get(edge);
            if (nodes[from] != null && nodes[on] != null && agains.get(Keys.of(from, on)) == edge) {
                if (nodes[from].agains.isEmpty()) {
                    nodes[from].agains = new ArrayList<>(2);
                }
                nodes[from].agains.add(new Again(Objects.requireNonNull(nodes[on]), edgeBy.get(edge)));
            }
        }
    }
}
