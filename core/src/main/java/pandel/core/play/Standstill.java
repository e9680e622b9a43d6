package pandel.core.play;

import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Screen;
import pandel.core.play.situation.Situation;

/** Where a play has come to rest: it was left, it is at an end, or nothing leads on. */
public sealed interface Standstill {

    /** Id of the screen it rests on. */
    String screen();

    /** It was left by device back. */
    record Left(String screen) implements Standstill {}

    /** The screen is marked as an end. */
    record End(String screen) implements Standstill {}

    /** Nothing that a person or time can do changes anything, and the screen is not marked as an end. */
    record Stuck(String screen) implements Standstill {}

    /** How a situation stands still; empty where something goes on from it. */
    static Optional<Standstill> of(Prototype prototype, Situation now) {
        if (now.left()) {
            return Optional.of(new Left(now.screen()));
        }
        if (prototype.screen(now.screen()).filter(Screen::end).isPresent()) {
            return Optional.of(new End(now.screen()));
        }
        if (!now.isStill()) {
            return Optional.empty();
        }
        Step step = new Step(prototype);
        for (Event event : Possible.events(prototype, now)) {
            Happening what = step.step(now, event).happening();
            if (!(what instanceof Happening.Nothing || what instanceof Happening.Refused)) {
                return Optional.empty();
            }
        }
        return Optional.of(new Stuck(now.screen()));
    }
}
