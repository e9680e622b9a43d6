package pandel.core.cover;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.model.start.Start;
import pandel.core.play.Possible;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;

/**
 * Two links in a row (1-switch coverage: Chow 1978): which pairs play can travel one right after the other, what sets
 * no link off lying between them at most, and which of them the journeys travel. Pairs are found by {@code step}
 * itself, so each of them is possible; trails have no end, so they are looked at up to {@value #DEEPEST} places, and
 * there may be more pairs than those.
 *
 * @param possible all that were found, in the order in which they were
 * @param travelled those that some journey travels
 * @param all whether no situation was left out for want of room within those trails
 */
public record LinkPairs(Set<LinkPair> possible, Set<LinkPair> travelled, boolean all) {

    /** One link, and the next. */
    public record LinkPair(LinkOutcome first, LinkOutcome then) {}

    /** Places on all levels together up to which situations are looked at. */
    public static final int DEEPEST = 4;
    /** Situations looked at, at most, on each device. */
    public static final int MOST = 2_000;

    /** Looks for pairs, on each device the prototype names; empty when it was called off. */
    public static Optional<LinkPairs> of(
            Prototype prototype, Collection<Replayed> journeys, BooleanSupplier calledOff) {
        return of(prototype, journeys, MOST, calledOff);
    }

    static Optional<LinkPairs> of(
            Prototype prototype, Collection<Replayed> journeys, int most, BooleanSupplier calledOff) {
        Set<LinkPair> possible = new LinkedHashSet<>();
        boolean all = true;
        for (Device device : prototype.devices()) {
            all &= new Search(prototype, device, most, calledOff).run(possible);
        }
        Set<LinkPair> travelled = new LinkedHashSet<>();
        for (Replayed journey : journeys) {
            List<LinkOutcome> links = journey.links();
            for (int i = 1; i < links.size(); i++) {
                travelled.add(new LinkPair(links.get(i - 1), links.get(i)));
            }
        }
        possible.addAll(travelled);
        return calledOff.getAsBoolean() ? Optional.empty() : Optional.of(new LinkPairs(possible, travelled, all));
    }

    /** One situation, what links it leads on by, and where it is come to without one. */
    private static final class Found {
        private final Situation situation;
        private final Set<LinkOutcome> out = new LinkedHashSet<>();
        private final Set<LinkOutcome> in = new LinkedHashSet<>();
        private final List<Found> quietly = new ArrayList<>();

        private Found(Situation situation) {
            this.situation = situation;
        }
    }

    /** All situations of one device, nearest first, then what follows what. */
    private static final class Search {
        private final Prototype prototype;
        private final Device device;
        private final int most;
        private final BooleanSupplier calledOff;
        private final Map<Object, Found> found = new LinkedHashMap<>();
        private final Deque<Found> horizon = new ArrayDeque<>();
        private boolean all = true;

        private Search(Prototype prototype, Device device, int most, BooleanSupplier calledOff) {
            this.prototype = prototype;
            this.device = device;
            this.most = most;
            this.calledOff = calledOff;
        }

        private boolean run(Set<LinkPair> pairs) {
            List<Start> starts = new ArrayList<>(prototype.entries());
            starts.addAll(prototype.startPoints());
            starts.forEach(s -> Situation.at(prototype, s, device).ifPresent(this::at));
            Step step = new Step(prototype);
            while (!horizon.isEmpty() && !calledOff.getAsBoolean()) {
                Found now = horizon.remove();
                for (Event event : Possible.events(prototype, now.situation)) {
                    Stepped stepped = step.step(now.situation, event);
                    Optional<LinkOutcome> link = LinkOutcome.of(event, stepped.happening());
                    link.ifPresent(now.out::add);
                    if (stepped.happening().goesOn() && !stepped.situation().left()) {
                        Found next = at(stepped.situation());
                        if (link.isPresent()) {
                            next.in.add(link.get());
                        } else {
                            now.quietly.add(next);
                        }
                    }
                }
            }
            found.values().forEach(f -> {
                if (!f.in.isEmpty()) {
                    onward(f).forEach(then -> f.in.forEach(first -> pairs.add(new LinkPair(first, then))));
                }
            });
            return all;
        }

        /** The links that come next, right there or after what sets none off. */
        private static Set<LinkOutcome> onward(Found from) {
            Set<LinkOutcome> next = new LinkedHashSet<>();
            Set<Found> seen = new LinkedHashSet<>(List.of(from));
            Deque<Found> quiet = new ArrayDeque<>(seen);
            while (!quiet.isEmpty()) {
                Found at = quiet.remove();
                next.addAll(at.out);
                at.quietly.stream().filter(seen::add).forEach(quiet::add);
            }
            return next;
        }

        /** What is found there; it is looked at unless its trails are too long or there is no more room. */
        private Found at(Situation situation) {
            Object key = List.of(situation.told(), situation.waits());
            Found known = found.get(key);
            if (known != null) {
                return known;
            }
            Found made = new Found(situation);
            found.put(key, made);
            int places = 0;
            for (Level level : situation.levels()) {
                places += level.trail().depth();
            }
            if (found.size() > most) {
                all = false;
            } else if (places <= DEEPEST) {
                horizon.add(made);
            }
            return made;
        }
    }
}
