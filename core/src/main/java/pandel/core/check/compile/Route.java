package pandel.core.check.compile;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pandel.core.model.link.Event;

/** A list of events that shares its parts with others; made plain only where it is told. */
public final class Route {

    /** No events. */
    public static final Route NONE = new Route(null, List.of(), null, 0, false);

    private final @Nullable Route before;
    private final List<Event> events;
    private final @Nullable Route inner;
    private final int length;
    private final boolean assuming;

    private Route(@Nullable Route before, List<Event> events, @Nullable Route inner, int length, boolean assuming) {
        this.before = before;
        this.events = events;
        this.inner = inner;
        this.length = length;
        this.assuming = assuming;
    }

    /** The same, of which it is only assumed that it leads there. */
    Route assuming() {
        return new Route(before, events, inner, length, true);
    }

    /** Whether it shows a tab as if that had been left at its root, which only playing it can tell. */
    public boolean isAssuming() {
        return assuming;
    }

    /** This and then those events. */
    public Route and(List<Event> more) {
        return new Route(this, more, null, length + more.size(), assuming);
    }

    /** This and then another. */
    public Route and(Route more) {
        return more.length == 0
                ? this
                : length == 0
                        ? more
                        : new Route(this, List.of(), more, length + more.length, assuming || more.assuming);
    }

    /** What this goes on from; empty where it begins here. */
    public Optional<Route> before() {
        return Optional.ofNullable(before);
    }

    /** The events with which it goes on from there. */
    public List<Event> last() {
        return inner != null ? inner.events() : events;
    }

    public int length() {
        return length;
    }

    /** All events in order. */
    public List<Event> events() {
        List<List<Event>> reversed = new ArrayList<>();
        Deque<Route> left = new ArrayDeque<>(List.of(this));
        while (!left.isEmpty()) {
            Route route = left.pop();
            if (route.before != null) {
                left.push(route.before);
            }
            if (route.inner != null) {
                left.push(route.inner);
            } else {
                reversed.add(route.events);
            }
        }
        return reversed.reversed().stream().flatMap(List::stream).toList();
    }
}
