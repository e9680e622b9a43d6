package pandel.core.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
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
        Optional<Situation> start = prototype
                .start(journey.entry())
                .flatMap(s -> Situation.at(prototype, s, prototype.device(journey.device())));
        if (start.isEmpty()) {
            return List.of();
        }
        Step step = new Step(prototype);
        Situation now = start.get();
        List<String> sentences = new ArrayList<>();
        for (Journey.Leg leg : journey.legs()) {
            String event = EventWords.of(prototype, now, leg.event());
            Situation next = step.step(now, leg.event()).situation();
            sentences.add(Character.toUpperCase(event.charAt(0))
                    + event.substring(1)
                    + (next.screen().equals(now.screen())
                            ? ""
                            : ": “"
                                    + prototype
                                            .screen(next.screen())
                                            .map(Screen::shownTitle)
                                            .orElse(next.screen())
                                    + "”"));
            now = next;
        }
        return sentences;
    }
}
