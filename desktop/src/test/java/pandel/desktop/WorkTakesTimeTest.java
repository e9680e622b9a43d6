package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalInt;
import javafx.geometry.Bounds;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.edit.whole.StartEdits;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.model.rest.Rest;
import pandel.core.model.start.Spot;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Facts;

/** Links that take time, with a busy sign; and work that begins again. */
class WorkTakesTimeTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private Link reserve() {
        return hotspot("Confirm", "Reserve it").links().getFirst();
    }

    @Test
    void aLinkIsAtWorkBeforeItDoesAnything() {
        choose("Confirm", "Reserve it");
        press("#choice-more");
        press("#more-takes");
        assertThat(reserve().takes()).contains(Takes.UNTIL_DONE);
        assertRead("at work until it is done", "then");
        shot("takes-sentence");
        press("#choice-takes");
        shot("takes-menu");
        press("#takes-ms");
        write("2000");
        keys(KeyCode.ENTER);
        assertThat(reserve().takes().orElseThrow().ms()).isEqualTo(OptionalInt.of(2000));
        press("#choice-takes");
        press("#takes-sign-touched");
        assertThat(reserve().takes().orElseThrow().sign()).isEqualTo(Takes.Sign.TOUCHED);
        assertRead("at work for 2 s");
        press("#choice-takes");
        press("#takes-sign-placed");
        assertRead("50 % from the left, 50 % from the top");
        Bounds seen = lookup("#busy-preview")
                .query()
                .localToScreen(lookup("#busy-preview").query().getBoundsInLocal());
        drag(seen.getCenterX(), seen.getCenterY())
                .dropTo(seen.getMinX() + seen.getWidth() * 0.25, seen.getMinY() + seen.getHeight() * 0.8);
        settle();
        assertThat(reserve().takes().orElseThrow().sign()).isEqualTo(Takes.Sign.PLACED);
        assertThat(reserve().takes().orElseThrow().at().x()).isBetween(24.0, 26.0);
        assertThat(reserve().takes().orElseThrow().at().y()).isBetween(79.0, 81.0);
        shot("takes-placed");
        press("#page-done");

        go(5);
        settle();
        assertRead("is at work for 2 s, as if that could neither fail nor take longer.");

        keepHere("Confirm");
        tapDevice(195, 690);
        assertThat(opened.window().played().orElseThrow().work()).isPresent();
        assertThat(lookup("#busy").query().isVisible()).isTrue();
        assertRead("give the work up");
        shot("takes-played");
        tapDevice(195, 750);
        assertRead("It is at work, and nothing answers until that is done.");
        pass(1990);
        assertThat(trail().getFirst()).isEqualTo("Confirm");
        pass(20);
        assertThat(trail().getFirst()).isEqualTo("Reserved");
        assertThat(lookup("#busy").query().isVisible()).isFalse();
        go(2);
        for (int i = 0; i < 4; i++) {
            keys(KeyCode.CONTROL, KeyCode.Z);
        }
        assertThat(reserve().takes()).contains(Takes.UNTIL_DONE);
    }

    /** Play from a screen, whatever leads there. */
    private void keepHere(String title) {
        String screen = screen(title).id();
        go(1);
        interact(() -> opened.work().selection().choose(screen));
        interact(() -> opened.work()
                .edit(StartEdits.keep(
                        new StartPoint("here", "Here", List.of(List.of(Spot.of(screen))), Facts.NONE, Rest.NONE))));
        go(4);
        press("#start-from");
        press("Here");
    }

    @Test
    void workOfAScreenBeginsAgainFromIt() {
        desk("Choose dates");
        keys(KeyCode.ESCAPE);
        press("#add-cause");
        press("#cause-work");
        write("Reserved");
        keys(KeyCode.ENTER);
        settle();
        String wait = screen("Choose dates").links().getFirst().id();
        keys(KeyCode.ESCAPE);
        choose("Choose dates", "Take 16 to 18");
        press("#choice-more");
        press("#more-again-" + wait);
        assertThat(hotspot("Choose dates", "Take 16 to 18").links().getFirst().effects())
                .contains(new Effect.BeginAgain(wait));
        assertRead("begin again", "the work of Choose dates");
        shot("begin-again");
        press("#choice-again-0");
        press("#again-not");
        assertThat(hotspot("Choose dates", "Take 16 to 18").links().getFirst().effects())
                .doesNotContain(new Effect.BeginAgain(wait));
    }
}
