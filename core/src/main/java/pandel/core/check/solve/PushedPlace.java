package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.Route;
import pandel.core.model.start.Start;

/** A place of the pushdown search: what leads to it and on from it, and the ways in which it can go. */
final class PushedPlace {

    /**
     * From one place to another.
     *
     * @param push whether the second is put or opened on the first
     */
    record Edge(PushedPlace from, PushedPlace to, Route by, boolean push) {}

    final Cell cell;
    /** The ways in which it can go, in the order they were settled. */
    final List<PopSummary> ways = new ArrayList<>();
    /** The shortest route so far to each way, by its number. */
    @Nullable
    Route[] routes = new Route[4];

    final BitSet settled = new BitSet();
    final List<Edge> into = new ArrayList<>();
    final List<Edge> on = new ArrayList<>();
    final Map<PushedPlace, Route> agains = new LinkedHashMap<>();
    /** What comes to lie on it when all above it closes, by the length of the shortest way. */
    final Map<PushedPlace, Integer> landed = new HashMap<>();

    @Nullable
    Node looked;

    int distance = Integer.MAX_VALUE;
    Route route = Route.NONE;

    @Nullable
    Start start;

    PushedPlace(Cell cell) {
        this.cell = cell;
    }

    @Nullable
    Route routeOf(PopSummary gone) {
        return gone.number() < routes.length ? routes[gone.number()] : null;
    }

    /** @return how many slots were added for it */
    int take(PopSummary gone, Route route) {
        int before = routes.length;
        if (gone.number() >= before) {
            routes = Arrays.copyOf(routes, Math.max(gone.number() + 1, before * 2));
        }
        routes[gone.number()] = route;
        return routes.length - before;
    }
}
