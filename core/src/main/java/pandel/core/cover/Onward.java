package pandel.core.cover;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import org.jspecify.annotations.Nullable;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.Possible;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Waits;

/** The fewest events on from a situation until something comes about, by {@code step} itself. */
public final class Onward {

    /** The most situations looked at. */
    public static final int MOST = 10_000;

    private record Going(Situation situation, @Nullable Going from, Event by) {}

    private Onward() {}

    /**
     * Looks at situations by the number of events to them.
     *
     * @return the events with what they show; empty when it was not found among the {@value #MOST} situations looked at
     */
    public static Optional<List<Journey.Leg>> until(
            Prototype prototype, Situation start, BiPredicate<Event, Stepped> wanted) {
        return until(prototype, start, wanted, MOST);
    }

    /** @param most how many situations are looked at */
    static Optional<List<Journey.Leg>> until(
            Prototype prototype, Situation start, BiPredicate<Event, Stepped> wanted, int most) {
        Step step = new Step(prototype);
        Deque<Going> horizon = new ArrayDeque<>(List.of(new Going(start, null, new Event.Elapse(0))));
        Set<Object> seen = new HashSet<>();
        while (!horizon.isEmpty() && seen.size() < most) {
            Going going = horizon.remove();
            for (Event event : Possible.events(prototype, going.situation())) {
                Stepped stepped = step.step(going.situation(), event);
                if (!stepped.situation().left() && seen.add(key(stepped.situation()))) {
                    Going next = new Going(stepped.situation(), going, event);
                    if (wanted.test(event, stepped)) {
                        return Optional.of(path(next));
                    }
                    horizon.add(next);
                } else if (wanted.test(event, stepped)) {
                    return Optional.of(path(new Going(stepped.situation(), going, event)));
                }
            }
        }
        return Optional.empty();
    }

    /** However long its waits still are; which of them are spent makes a difference. */
    private static Object key(Situation s) {
        return List.of(
                s.told(),
                s.waits().left().stream().map(Waits.Left::link).toList(),
                s.waits().work());
    }

    private static List<Journey.Leg> path(Going end) {
        List<Journey.Leg> legs = new ArrayList<>();
        for (Going at = end; at.from() != null; at = at.from()) {
            legs.add(new Journey.Leg(at.by(), at.situation().screen()));
        }
        return legs.reversed();
    }
}
