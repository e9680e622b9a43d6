package pandel.core.cover;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.IntFunction;
import pandel.core.check.Checked;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.check.finding.Walk;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.rest.Rest;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Situation;

/**
 * A small set of journeys that travels, with those there are, every link that can do something, each outcome apart.
 * Each begins by the way to what is farthest of what is still to be travelled, and goes on to the nearest of it, again
 * and again (a greedy cover: that it is the smallest is not claimed). No set needs fewer events than there are links
 * and outcomes to travel, since an event sets off one link.
 *
 * @param journeys in the order in which they are to be kept
 * @param toTravel links and outcomes that no journey there is travels: the fewest events that any set needs
 * @param left those of them that none of these travels
 */
public record SuggestedJourneys(List<Journey> journeys, int toTravel, Set<LinkOutcome> left) {

    /** Events of one journey, at most, but for the way to its first link: longer ones nobody reads. */
    public static final int LONGEST = 30;

    private static final int LOOKED_AT = 1_500;

    public SuggestedJourneys {
        journeys = List.copyOf(journeys);
    }

    /** How many events they have together. */
    public int events() {
        return journeys.stream().mapToInt(j -> j.legs().size()).sum();
    }

    /** No set of journeys as long as these are at most has fewer than that many. */
    public int fewestJourneys() {
        int most = Math.max(
                LONGEST, journeys.stream().mapToInt(j -> j.legs().size()).max().orElse(LONGEST));
        return Math.ceilDiv(toTravel - left.size(), most);
    }

    /**
     * Suggests; empty when it was called off.
     *
     * @param coverage of the same prototype
     * @param id gives the id of each, counted from 1
     */
    public static Optional<SuggestedJourneys> of(
            Checked checked, Coverage coverage, IntFunction<String> id, BooleanSupplier calledOff) {
        Map<LinkOutcome, Walk> walks = checked.travelled();
        Set<LinkOutcome> wanted = new LinkedHashSet<>();
        coverage.missingLinks().forEach(m -> wanted.add(m.wanted()));
        int toTravel = wanted.size();
        Set<LinkOutcome> left = new LinkedHashSet<>();
        List<Journey> journeys = new ArrayList<>();
        while (!wanted.isEmpty() && !calledOff.getAsBoolean()) {
            LinkOutcome far = farthest(wanted, walks);
            Optional<Drive> drive = Drive.along(checked.prototype(), Objects.requireNonNull(walks.get(far)), far);
            if (drive.isEmpty()) {
                left.add(far);
                wanted.remove(far);
                continue;
            }
            wanted.removeAll(drive.get().travelled);
            while (drive.get().legs.size() < LONGEST
                    && !wanted.isEmpty()
                    && !calledOff.getAsBoolean()
                    && drive.get().onTo(wanted)) {
                wanted.removeAll(drive.get().travelled);
            }
            journeys.add(drive.get().journey(id.apply(journeys.size() + 1), journeys.size() + 1));
        }
        return calledOff.getAsBoolean()
                ? Optional.empty()
                : Optional.of(new SuggestedJourneys(journeys, toTravel, left));
    }

    private static LinkOutcome farthest(Set<LinkOutcome> wanted, Map<LinkOutcome, Walk> walks) {
        LinkOutcome farthest = wanted.iterator().next();
        for (LinkOutcome one : wanted) {
            if (events(walks, one) > events(walks, farthest)) {
                farthest = one;
            }
        }
        return farthest;
    }

    private static int events(Map<LinkOutcome, Walk> walks, LinkOutcome one) {
        return Objects.requireNonNull(walks.get(one)).events().size();
    }

    /** A journey being made. */
    private static final class Drive {
        private final Prototype prototype;
        private final Walk begun;
        private final List<Journey.Leg> legs = new ArrayList<>();
        private final Set<LinkOutcome> travelled = new LinkedHashSet<>();
        private final String first;
        private Situation now;

        private Drive(Prototype prototype, Walk begun, Situation now) {
            this.prototype = prototype;
            this.begun = begun;
            this.now = now;
            this.first = now.screen();
        }

        /** A journey is kept with the id of its start alone: one that begins otherwise cannot be kept. */
        private static Optional<Drive> along(Prototype prototype, Walk walk, LinkOutcome to) {
            Optional<Situation> start =
                    prototype.start(walk.entry().id()).flatMap(s -> Situation.at(prototype, s, walk.device()));
            if (start.isEmpty()) {
                return Optional.empty();
            }
            Drive drive = new Drive(prototype, walk, start.get());
            walk.events().forEach(drive::take);
            return drive.travelled.contains(to) ? Optional.of(drive) : Optional.empty();
        }

        private boolean onTo(Set<LinkOutcome> wanted) {
            Optional<List<Journey.Leg>> on = Onward.until(
                    prototype,
                    now,
                    (event, stepped) -> LinkOutcome.of(event, stepped.happening())
                            .filter(wanted::contains)
                            .isPresent(),
                    LOOKED_AT);
            on.ifPresent(more -> more.forEach(leg -> take(leg.event())));
            return on.isPresent();
        }

        private void take(Event event) {
            Stepped stepped = new Step(prototype).step(now, event);
            now = stepped.situation();
            legs.add(new Journey.Leg(event, now.screen()));
            LinkOutcome.of(event, stepped.happening()).ifPresent(travelled::add);
        }

        private Journey journey(String id, int number) {
            return new Journey(
                    id,
                    number + ": " + title(first) + " to " + title(now.screen()),
                    "travels " + (travelled.size() == 1 ? "one link" : travelled.size() + " links"),
                    begun.device().id(),
                    begun.entry().id(),
                    legs,
                    Optional.empty(),
                    Rest.NONE);
        }

        private String title(String screen) {
            return prototype.screen(screen).map(s -> s.shownTitle()).orElse(screen);
        }
    }
}
