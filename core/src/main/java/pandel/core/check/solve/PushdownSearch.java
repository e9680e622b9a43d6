package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.Relevance;
import pandel.core.check.compile.Route;
import pandel.core.check.compile.Turn;
import pandel.core.check.solve.Node.Again;
import pandel.core.check.solve.PopSummary.Going;
import pandel.core.check.solve.PushedPlace.Edge;
import pandel.core.model.Prototype;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.TrailAction;

/**
 * The search where facts change: what is put on a place may change them, and then the place is uncovered with other
 * facts. For each place, each way in which it can go, sooner or later (how much goes with it, and with which facts) is
 * a summary that holds for everything the place was ever put on (Reps, Horwitz, Sagiv 1995). Lists of events are
 * shortest, since summaries are found in the order of their length (Knuth 1977). Time and room grow with places times
 * the facts they can go with; past a bound it gives up and says so.
 */
public final class PushdownSearch {

    /** PushdownSearch and ways between places, at most. */
    private static final int ROOM = 1_500_000;
    /** Slots for routes, at most: some 100 MB. */
    private static final int SLOTS = 20_000_000;
    /** What a place takes beside its summaries, in the same measure. */
    private static final int PLACE = 10;

    /** A summary to be settled when everything shorter was. */
    private record Waiting(PushedPlace place, PopSummary gone, Route by, int order) {}

    private final Reachability exploration;
    private final Prototype prototype;
    private final Relevance relevance;
    private final Map<Cell, PushedPlace> places = new LinkedHashMap<>();
    private final List<PushedPlace> starts = new ArrayList<>();
    private final PriorityQueue<Waiting> horizon = new PriorityQueue<>(
            Comparator.<Waiting>comparingInt(w -> w.by().length()).thenComparingInt(Waiting::order));
    private final List<PushedPlace> fresh = new ArrayList<>();
    private final List<Node> found = new ArrayList<>();
    private final Map<PopSummary.Way, PopSummary> numbered = new HashMap<>();
    private int order;
    private int count;
    private int slots;

    PushdownSearch(Reachability exploration, Prototype prototype, Relevance relevance) {
        this.exploration = exploration;
        this.prototype = prototype;
        this.relevance = relevance;
    }

    /** Searches from every start; each can begin. */
    void run(List<? extends Start> from, BooleanSupplier calledOff) {
        from.forEach(this::begin);
        look();
        while (!horizon.isEmpty() && !isGivenUp() && !calledOff.getAsBoolean()) {
            Waiting next = horizon.remove();
            if (!next.place().settled.get(next.gone().number())) {
                next.place().settled.set(next.gone().number());
                next.place().ways.add(next.gone());
                for (int i = 0; i < next.place().into.size(); i++) {
                    goOn(next.place().into.get(i), next.gone(), next.by());
                }
                look();
            }
        }
        measure();
        collect();
    }

    boolean isGivenUp() {
        return count > ROOM || slots > SLOTS;
    }

    /** Every cell come to, in the order of their distances. */
    List<Node> nodes() {
        return found;
    }

    /** The places of a start; only the last is current, the others may be uncovered. */
    private void begin(Start start) {
        List<Cell> cells = StartCells.lying(exploration, prototype, relevance, start);
        @Nullable PushedPlace below = null;
        for (int i = 0; i < cells.size(); i++) {
            PushedPlace place = i == cells.size() - 1 ? place(cells.get(i)) : new PushedPlace(cells.get(i));
            if (below != null) {
                edge(below, place, Route.NONE, true);
            }
            below = place;
            if (place.start == null) {
                place.start = start;
                place.distance = 0;
                starts.add(place);
            }
        }
    }

    private PushedPlace place(Cell cell) {
        PushedPlace known = places.get(cell);
        if (known != null) {
            return known;
        }
        PushedPlace made = new PushedPlace(cell);
        places.put(cell, made);
        fresh.add(made);
        count += PLACE;
        return made;
    }

    /** Looks at all places newly come to, and at those they lead to. */
    private void look() {
        while (!fresh.isEmpty() && !isGivenUp()) {
            PushedPlace place = fresh.removeLast();
            Node node = new Node(place.cell, 0, Route.NONE, Entry.at("", ""));
            exploration.look(node);
            place.looked = node;
            node.all().forEach(turn -> follow(place, turn));
        }
    }

    private void follow(PushedPlace place, Turn turn) {
        Route by = Route.NONE.and(turn.events());
        TrailAction first = turn.actions().getFirst();
        switch (first) {
            case TrailAction.Staying s ->
                edge(place, place(exploration.uncovered(place.cell, turn).orElseThrow()), by, false);
            case TrailAction.Turn t ->
                edge(place, place(exploration.uncovered(place.cell, turn).orElseThrow()), by, false);
            case TrailAction.Swap s
            when s.to().leavesTabs() && place.cell.isWithinTabs() ->
                go(place, gone(Going.SWAP_OUT, s, turn.facts()), Route.NONE, by);
            case TrailAction.Swap s ->
                edge(place, place(exploration.uncovered(place.cell, turn).orElseThrow()), by, false);
            case TrailAction.Put p ->
                edge(place, place(exploration.uncovered(place.cell, turn).orElseThrow()), by, true);
            case TrailAction.Raise r ->
                edge(place, place(exploration.uncovered(place.cell, turn).orElseThrow()), by, true);
            // What restarts leaves nothing behind: it is come to, and its going concerns nobody.
            case TrailAction.Restart r ->
                place.on.add(new Edge(
                        place, place(exploration.uncovered(place.cell, turn).orElseThrow()), by, false));
            case TrailAction.ShowTab show
            when !place.cell.isRootOf(show.set()) ->
                go(place, gone(Going.SHOW_TAB, show, turn.facts()), Route.NONE, by);
            case TrailAction.ShowTab show ->
                edge(place, place(exploration.uncovered(place.cell, turn).orElseThrow()), by, false);
            case TrailAction.ToRoot to -> go(place, gone(Going.TO_ROOT, to.set(), turn.facts()), Route.NONE, by);
            case TrailAction.Drop d -> go(place, gone(Going.PLACE, "", turn.facts()), Route.NONE, by);
            case TrailAction.DropTo to -> go(place, gone(Going.DOWN_TO, to.screen(), turn.facts()), Route.NONE, by);
            case TrailAction.CloseLevel c -> go(place, gone(Going.LEVEL, "", turn.facts()), Route.NONE, by);
            case TrailAction.CloseToPages c ->
                go(
                        place,
                        toPages(
                                turn.actions().size() == 1
                                        ? first
                                        : turn.actions().getLast(),
                                turn.facts()),
                        Route.NONE,
                        by);
            case TrailAction.Leave l -> {}
        }
    }

    private PopSummary toPages(TrailAction then, Facts facts) {
        return switch (then) {
            case TrailAction.Put put -> gone(Going.TO_PAGES_AND_PUT, put, facts);
            case TrailAction.Swap swap -> gone(Going.TO_PAGES_AND_SWAP, swap, facts);
            case TrailAction.Turn page -> gone(Going.TO_PAGES_AND_TURN, page, facts);
            case TrailAction.ShowTab show -> gone(Going.TO_PAGES_AND_TAB, show, facts);
            case TrailAction.ToRoot to -> gone(Going.TO_PAGES_AND_ROOT, to.set(), facts);
            case TrailAction.Raise raise -> gone(Going.TO_PAGES_AND_RAISE, raise, facts);
            case TrailAction.DropTo to -> gone(Going.TO_PAGES_AND_DOWN_TO, to.screen(), facts);
            case TrailAction.Drop d -> gone(Going.TO_PAGES_AND_BACK, "", facts);
            case TrailAction.CloseLevel c -> gone(Going.TO_PAGES_AND_BACK, "", facts);
            default -> gone(Going.TO_PAGES, "", facts);
        };
    }

    private void edge(PushedPlace from, PushedPlace to, Route by, boolean push) {
        Edge edge = new Edge(from, to, by, push);
        count++;
        from.on.add(edge);
        to.into.add(edge);
        if (!to.ways.isEmpty()) {
            List.copyOf(to.ways).forEach(way -> goOn(edge, way, java.util.Objects.requireNonNull(to.routeOf(way))));
        }
    }

    private PopSummary gone(Going going, String screen, Facts facts) {
        return gone(new PopSummary.Way(going, screen, Map.of(), Optional.empty(), List.of(), false, facts));
    }

    private PopSummary gone(Going going, TrailAction.Forward to, Facts facts) {
        return gone(new PopSummary.Way(
                going,
                to.screen().id(),
                relevance.of(to).given(),
                relevance.of(to.at()),
                to.to().tabs(),
                to.to().outside(),
                facts));
    }

    private PopSummary gone(PopSummary.Way way) {
        return numbered.computeIfAbsent(way, w -> new PopSummary(numbered.size(), w));
    }

    private void go(PushedPlace place, PopSummary gone, Route first, Route then) {
        Route known = place.routeOf(gone);
        if (known == null || first.length() + then.length() < known.length()) {
            Route by = first.and(then);
            slots += place.take(gone, by);
            count++;
            horizon.add(new Waiting(place, gone, by, order++));
        }
    }

    /** What it means for a place that one it leads to, or one put on it, can go in a way. */
    private void goOn(Edge edge, PopSummary gone, Route way) {
        PushedPlace from = edge.from();
        if (!edge.push()) {
            go(from, gone, edge.by(), way);
            return;
        }
        boolean leavesLevel = edge.to().cell.first();
        boolean onGround = leavesLevel && from.cell.level().holdsPages();
        switch (gone.going()) {
            case PLACE -> uncover(from, gone.facts(), edge.by(), way);
            case LEVEL -> landOr(leavesLevel, from, gone, edge.by(), way);
            case DOWN_TO ->
                landOr(
                        from.cell.isNamed(gone.screen())
                                || from.cell.isIn(gone.screen())
                                        && !edge.to().cell.isIn(gone.screen()),
                        from,
                        gone,
                        edge.by(),
                        way);
            case TO_ROOT -> landOr(from.cell.isRootOf(gone.screen()), from, gone, edge.by(), way);
            case SHOW_TAB -> {
                if (from.cell.isRootOf(gone.set())) {
                    land(edge, gone, way, new TrailAction.ShowTab(gone.set(), gone.landing(prototype)));
                } else {
                    go(from, gone, edge.by(), way);
                }
            }
            case SWAP_OUT -> {
                if (from.cell.isWithinTabs() || from.cell.around().isEmpty()) {
                    go(from, gone, edge.by(), way);
                } else {
                    land(edge, gone, way, new TrailAction.Swap(gone.landing(prototype)));
                }
            }
            case TO_PAGES -> landOr(onGround, from, gone, edge.by(), way);
            case TO_PAGES_AND_PUT, TO_PAGES_AND_SWAP, TO_PAGES_AND_TURN, TO_PAGES_AND_RAISE -> {
                if (!onGround) {
                    go(from, gone, edge.by(), way);
                } else if (gone.going() == Going.TO_PAGES_AND_SWAP && gone.leavesTabs() && from.cell.isWithinTabs()) {
                    go(from, gone.going(Going.SWAP_OUT, this::gone), edge.by(), way);
                } else {
                    land(
                            edge,
                            gone,
                            way,
                            switch (gone.going()) {
                                case TO_PAGES_AND_PUT -> new TrailAction.Put(gone.landing(prototype));
                                case TO_PAGES_AND_SWAP -> new TrailAction.Swap(gone.landing(prototype));
                                case TO_PAGES_AND_TURN -> new TrailAction.Turn(gone.landing(prototype));
                                default -> new TrailAction.Raise(gone.landing(prototype));
                            });
                }
            }
            case TO_PAGES_AND_TAB -> {
                if (onGround && from.cell.isRootOf(gone.set())) {
                    land(edge, gone, way, new TrailAction.ShowTab(gone.set(), gone.landing(prototype)));
                } else {
                    go(from, onGround ? gone.going(Going.SHOW_TAB, this::gone) : gone, edge.by(), way);
                }
            }
            case TO_PAGES_AND_ROOT ->
                landOr(
                        onGround && from.cell.isRootOf(gone.screen()),
                        from,
                        onGround ? gone(Going.TO_ROOT, gone.screen(), gone.facts()) : gone,
                        edge.by(),
                        way);
            case TO_PAGES_AND_BACK ->
                go(
                        from,
                        onGround ? gone(from.cell.first() ? Going.LEVEL : Going.PLACE, "", gone.facts()) : gone,
                        edge.by(),
                        way);
            case TO_PAGES_AND_DOWN_TO ->
                go(from, onGround ? gone(Going.DOWN_TO, gone.screen(), gone.facts()) : gone, edge.by(), way);
        }
    }

    /** What went has come down to a place; then something comes. */
    private void land(Edge edge, PopSummary gone, Route way, TrailAction then) {
        PushedPlace from = edge.from();
        PushedPlace to = place(exploration.after(from.cell, then, gone.facts()));
        Route by = edge.by().and(way);
        // What is opened beneath itself, again and again, comes to the same place by ever longer ways.
        if (by.length() < from.landed.getOrDefault(to, Integer.MAX_VALUE)) {
            from.landed.put(to, by.length());
            edge(from, to, by, then instanceof TrailAction.Put || then instanceof TrailAction.Raise);
        }
    }

    private void landOr(boolean lands, PushedPlace on, PopSummary gone, Route push, Route way) {
        if (lands) {
            uncover(on, gone.facts(), push, way);
        } else {
            go(on, gone, push, way);
        }
    }

    /** The same place is current again, with other facts or with waits begun anew. */
    private void uncover(PushedPlace on, Facts facts, Route push, Route way) {
        PushedPlace again = place(on.cell.again(facts));
        Route known = on.agains.get(again);
        if (again != on && (known == null || push.length() + way.length() < known.length())) {
            Route by = push.and(way);
            on.agains.put(again, by);
            edge(on, again, by, false);
        }
    }

    /** How far each place is from a start. */
    private void measure() {
        record Far(PushedPlace place, int distance, int order) {}
        PriorityQueue<Far> far =
                new PriorityQueue<>(Comparator.comparingInt(Far::distance).thenComparingInt(Far::order));
        int number = 0;
        for (PushedPlace place : starts) {
            far.add(new Far(place, 0, number++));
        }
        while (!far.isEmpty()) {
            Far next = far.remove();
            if (next.distance() > next.place().distance) {
                continue;
            }
            for (Edge edge : next.place().on) {
                int distance = next.distance() + edge.by().length();
                if (distance < edge.to().distance) {
                    edge.to().distance = distance;
                    edge.to().route = next.place().route.and(edge.by());
                    edge.to().start = next.place().start;
                    far.add(new Far(edge.to(), distance, number++));
                }
            }
        }
    }

    private void collect() {
        Map<PushedPlace, Node> nodes = new HashMap<>();
        places.values().stream()
                .filter(p -> p.start != null)
                .sorted(Comparator.comparingInt(p -> p.distance))
                .forEach(place -> {
                    Node node = new Node(
                            place.cell, place.distance, place.route, java.util.Objects.requireNonNull(place.start));
                    if (place.looked != null) {
                        node.takeFrom(place.looked);
                    }
                    found.add(node);
                    nodes.put(place, node);
                });
        nodes.forEach((place, node) -> node.agains = place.agains.entrySet().stream()
                .filter(e -> nodes.containsKey(e.getKey()))
                .map(e -> new Again(Objects.requireNonNull(nodes.get(e.getKey())), e.getValue()))
                .toList());
    }
}
