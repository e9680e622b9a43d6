package pandel.core.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.check.finding.Walk;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.EventWords;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** A journey in sentences. */
public final class JourneySteps {

    private JourneySteps() {}

    /**
     * One sentence for each step, without its full stop: "Tap Reserve: “Confirm”", and without a screen where the same
     * one stays. None where the journey cannot begin.
     */
    public static List<String> of(Prototype prototype, Journey journey) {
        return prototype
                .start(journey.entry())
                .map(s -> of(
                        prototype,
                        new Walk(
                                prototype.device(journey.device()),
                                s,
                                journey.legs().stream().map(Journey.Leg::event).toList())))
                .orElse(List.of());
    }

    /** The same of any events. */
    public static List<String> of(Prototype prototype, Walk walk) {
        Optional<Situation> start = Situation.at(prototype, walk.entry(), walk.device());
        if (start.isEmpty()) {
            return List.of();
        }
        Step step = new Step(prototype);
        Situation now = start.get();
        List<String> sentences = new ArrayList<>();
        for (Event each : walk.events()) {
            String event = EventWords.of(prototype, now, each);
            Situation next = step.step(now, each).situation();
            sentences.add(Character.toUpperCase(event.charAt(0))
                    + event.substring(1)
                    + (next.screen().equals(now.screen()) ? "" : ": “" + prototype.titleOf(next.screen()) + "”"));
            now = next;
        }
        return sentences;
    }
}
