package pandel.core.check.compile;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.Objects;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.model.start.Start;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** Lists of events played; what many of them begin with is played once. */
public final class Replays {

    private final Prototype prototype;
    private final Device device;
    private final Step step;
    /** By start, the situations that routes come to. */
    private final IdentityHashMap<Start, IdentityHashMap<Route, Situation>> played = new IdentityHashMap<>();

    public Replays(Prototype prototype, Device device) {
        this.prototype = prototype;
        this.device = device;
        this.step = new Step(prototype);
    }

    /** The situation that a route comes to from a start. */
    public Situation after(Start start, Route route) {
        IdentityHashMap<Route, Situation> known = played.computeIfAbsent(start, s -> new IdentityHashMap<>());
        Deque<Route> left = new ArrayDeque<>();
        Route from = route;
        while (from != null && !known.containsKey(from)) {
            left.push(from);
            from = from.before().orElse(null);
        }
        Situation now = from == null
                ? Situation.at(prototype, start, device).orElseThrow()
                : Objects.requireNonNull(known.get(from));
        while (!left.isEmpty()) {
            Route next = left.pop();
            for (Event event : next.last()) {
                now = step.step(now, event).situation();
            }
            known.put(next, now);
        }
        return now;
    }
}
