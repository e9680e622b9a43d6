package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.function.BooleanSupplier;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Route;
import pandel.core.check.compile.Table;
import pandel.core.check.compile.Valuations;
import pandel.core.model.start.Start;

/**
 * The search where no fact changes that anything asks for: going back always uncovers a place as it was when it was
 * covered, so no head is new by going back, and plain search along what puts, swaps, opens and restarts is exact. By
 * the fewest events (Dijkstra 1959), in time proportional to heads and what can be done at them.
 */
final class ForwardSearch {

    private final Reachability to;
    private final PushdownSystem system;
    private final int room;
    private final List<Node> found = new ArrayList<>();
    private final Places places = new Places();
    private final List<Route> routes = new ArrayList<>();
    private final List<Start> starts = new ArrayList<>();
    private final BitSet settled = new BitSet();
    private final Buckets horizon = new Buckets();
    private boolean givenUp;

    /** @param room places come to at most */
    ForwardSearch(Reachability to, int room) {
        this.to = to;
        this.system = to.system();
        this.room = room;
    }

    void run(List<? extends Start> from, BooleanSupplier calledOff) {
        for (Start start : from) {
            come(StartCells.lying(system, start).current(), Route.NONE, Route.NONE, start);
        }
        while (!horizon.isEmpty() && !calledOff.getAsBoolean()) {
            if (places.size() > room || system.isTooLarge()) {
                givenUp = true;
                return;
            }
            int place = horizon.remove();
            if (!settled.get(place)) {
                settled.set(place);
                look(place);
            }
        }
    }

    private void look(int place) {
        int head = places.head(place);
        Table table = to.look(head, Valuations.NONE);
        Node node = new Node(system, head, Valuations.NONE, table, routes.get(place), starts.get(place));
        node.mayBeginAnew = node.cell.waited() != 0 && table.covers();
        found.add(node);
        for (int i = 0; i < table.all().size(); i++) {
            int next = system.to(head, table, i);
            if (next != Table.NOWHERE) {
                come(next, node.route, table.route(i), node.start);
            }
        }
    }

    private void come(int head, Route before, Route by, Start start) {
        int place = places.of(head, Valuations.NONE);
        int distance = before.length() + by.length();
        if (place == routes.size()) {
            routes.add(before.and(by));
            starts.add(start);
        } else if (distance < routes.get(place).length()) {
            routes.set(place, before.and(by));
            starts.set(place, start);
        } else {
            return;
        }
        horizon.add(place, distance);
    }

    boolean isGivenUp() {
        return givenUp;
    }

    /** Every place come to, in the order of their distances. */
    List<Node> nodes() {
        return found;
    }
}
