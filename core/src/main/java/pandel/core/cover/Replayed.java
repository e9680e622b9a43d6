package pandel.core.cover;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.play.Happening;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Situation;

/**
 * A journey played again.
 *
 * @param path ids of the screens shown, one after each event, from the first on, up to where it breaks
 * @param links the links that did something, with the outcomes chosen, in order, up to where it breaks
 * @param broken the first leg that no longer shows what it showed; empty when all do
 * @param end the situation where it ended or broke; empty when it could not begin
 */
public record Replayed(
        Journey journey, List<String> path, List<LinkOutcome> links, Optional<Broken> broken, Optional<Situation> end) {

    /** The first broken leg, counted from 1 (0: it cannot begin), and why in one sentence. */
    public record Broken(int leg, String why) {}

    public Replayed {
        path = List.copyOf(path);
        links = List.copyOf(links);
    }

    /** Ids of the screens shown, each once. */
    public Set<String> screens() {
        return new LinkedHashSet<>(path);
    }

    /** Plays a journey again. */
    public static Replayed of(Prototype prototype, Journey journey) {
        Optional<Situation> start = prototype
                .start(journey.entry())
                .flatMap(e -> Situation.at(prototype, e, prototype.device(journey.device())));
        if (start.isEmpty()) {
            return new Replayed(
                    journey,
                    List.of(),
                    List.of(),
                    Optional.of(new Broken(
                            0, "It cannot begin: its entry or start point is not there, or leads to no page.")),
                    Optional.empty());
        }
        Step step = new Step(prototype);
        Situation now = start.get();
        List<String> path = new ArrayList<>(List.of(now.screen()));
        List<LinkOutcome> links = new ArrayList<>();
        List<Journey.Leg> legs = new ArrayList<>(journey.legs());
        for (int i = 0; i < legs.size(); i++) {
            Stepped stepped = step.step(now, legs.get(i).event());
            now = stepped.situation();
            if (!now.screen().equals(legs.get(i).shown())) {
                String why = switch (stepped.happening()) {
                    case Happening.Nothing nothing -> nothing.why();
                    case Happening.Asks asks ->
                        "it must be said how it turns out: " + String.join(", ", asks.outcomes()) + ".";
                    case Happening.Refused refused -> refused.why();
                    default ->
                        "It shows “" + title(prototype, now.screen()) + "” instead of “"
                                + title(prototype, legs.get(i).shown()) + "”.";
                };
                return new Replayed(journey, path, links, Optional.of(new Broken(i + 1, why)), Optional.of(now));
            }
            path.add(now.screen());
            LinkOutcome.of(legs.get(i).event(), stepped.happening()).ifPresent(links::add);
        }
        return new Replayed(journey, path, links, Optional.empty(), Optional.of(now));
    }

    private static String title(Prototype prototype, String screen) {
        return prototype.titleOf(screen);
    }
}
