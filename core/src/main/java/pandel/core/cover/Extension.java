package pandel.core.cover;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pandel.core.model.Event;
import pandel.core.model.Hotspot;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.play.Happening;
import pandel.core.play.Situation;
import pandel.core.play.Step;
import pandel.core.play.Stepped;

/** A journey led on until a link does something. */
public final class Extension {

    /** The most situations looked at for one journey. */
    private static final int MOST = 4000;

    private record Going(Situation situation, @Nullable Going from, Event by) {
    }

    private Extension() {
    }

    /** The working journey that needs the fewest events more, led on to the link; empty when none gets there soon. */
    public static Optional<Journey> to(Prototype prototype, List<Replayed> journeys, String link) {
        Optional<Journey> best = Optional.empty();
        int fewest = Integer.MAX_VALUE;
        for (Replayed replayed : journeys) {
            if (replayed.broken().isEmpty() && replayed.end().isPresent()) {
                List<Journey.Leg> more = legs(prototype, replayed.end().get(), link);
                if (!more.isEmpty() && more.size() < fewest) {
                    fewest = more.size();
                    List<Journey.Leg> all = new ArrayList<>(replayed.journey().legs());
                    all.addAll(more);
                    best = Optional.of(replayed.journey().with(all));
                }
            }
        }
        return best;
    }

    private static List<Journey.Leg> legs(Prototype prototype, Situation start, String link) {
        Step step = new Step(prototype);
        Deque<Going> horizon = new ArrayDeque<>(List.of(new Going(start, null, new Event.Elapse(0))));
        Set<Object> seen = new HashSet<>();
        while (!horizon.isEmpty() && seen.size() < MOST) {
            Going going = horizon.remove();
            for (Event event : events(prototype, going.situation())) {
                Stepped stepped = step.step(going.situation(), event);
                if (stepped.happening() instanceof Happening.Moved moved) {
                    Going next = new Going(stepped.situation(), going, event);
                    if (moved.link().equals(Optional.of(link))) {
                        return path(next);
                    }
                    if (seen.add(List.of(stepped.situation().row(), stepped.situation().levels().getLast().trail().depth()))) {
                        horizon.add(next);
                    }
                }
            }
        }
        return List.of();
    }

    private static List<Event> events(Prototype prototype, Situation now) {
        List<Event> events = new ArrayList<>();
        for (Hotspot hotspot : prototype.index().hotspotsOn(now.screen())) {
            events.add(Event.tap(hotspot.id()));
        }
        now.waits().untilDue().ifPresent(ms -> events.add(new Event.Elapse(ms)));
        if (now.device().goesBack() && !now.top().trail().isFirst()) {
            events.add(new Event.DeviceBack());
        }
        return events;
    }

    private static List<Journey.Leg> path(Going end) {
        List<Journey.Leg> legs = new ArrayList<>();
        for (Going at = end; at.from() != null; at = at.from()) {
            legs.add(new Journey.Leg(at.by(), at.situation().screen()));
        }
        return legs.reversed();
    }
}
