package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.play.situation.Situation;

class StandstillTest {

    private static final Prototype APP = Made.of("home page: list advance list", "list page:");

    private static Situation after(Prototype prototype, Event... events) {
        Situation now = Situation.at(prototype, prototype.mainEntry().orElseThrow(), Device.PHONE)
                .orElseThrow();
        Step step = new Step(prototype);
        for (Event event : events) {
            now = step.step(now, event).situation();
        }
        return now;
    }

    @Test
    void whereSomethingLeadsOnNothingStandsStill() {
        assertThat(Standstill.of(APP, after(APP))).isEmpty();
        // Device back leads on from a place with something behind it.
        assertThat(Standstill.of(APP, after(APP, Event.tap("home.list")))).isEmpty();
    }

    @Test
    void whatIsMarkedAsAnEndIsOneWhateverLeadsOn() {
        Prototype ended =
                ScreenEdits.end(APP.screen("home").orElseThrow(), true).applyTo(APP);
        assertThat(Standstill.of(ended, after(ended))).contains(new Standstill.End("home"));
    }

    @Test
    void whatWasLeftIsLeft() {
        Situation left = after(APP, new Event.DeviceBack());
        assertThat(left.left()).isTrue();
        assertThat(Standstill.of(APP, left)).contains(new Standstill.Left("home"));
    }

    /** Nothing that is done where a play is stuck changes where it stands. */
    @Property(tries = 200)
    void whereItIsStuckNothingMoves(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 8) int size, @ForAll boolean nasty) {
        Prototype prototype = RandomPlay.made(seed, size, nasty);
        RandomPlay.each(prototype, RandomPlay.walk(prototype, seed), (before, event, stepped) -> {
            Optional<Standstill> rest = Standstill.of(prototype, before);
            if (rest.filter(Standstill.Stuck.class::isInstance).isPresent()) {
                assertThat(stepped.happening())
                        .isNotInstanceOfAny(
                                Happening.Moved.class,
                                Happening.Asks.class,
                                Happening.Left.class,
                                Happening.LedOut.class,
                                Happening.DrawerMoved.class);
            }
        });
    }
}
