package pandel.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.whole.FeelEdits;
import pandel.core.model.link.Event;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Form;
import pandel.core.play.Happening;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** Usual motions: of verbs, of what opens above by its form, of drawers. */
class FeelTest {

    private static final Motion SLOW = new Motion(Motion.Kind.GROW, Motion.Direction.UP, 900, "ease", Rest.NONE);
    private static final Prototype PLAIN =
            Made.of("home page: ask open d; half open s", "d dialog: x close", "s sheet: x close");

    private static Motion moved(Prototype p, String tapped) {
        Situation now = Situation.at(p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                .orElseThrow();
        return ((Happening.Moved) new Step(p).step(now, Event.tap(tapped)).happening()).motion();
    }

    @Test
    void whatIsOpenedAboveMovesAsItsFormDoes() {
        Prototype p = FeelEdits.motion(new MotionOf.Above(Form.SHEET), Optional.of(SLOW))
                .applyTo(PLAIN);
        assertThat(moved(p, "home.half")).isEqualTo(SLOW);
        assertThat(moved(p, "home.ask")).isEqualTo(Motion.usualFor(Verb.OPEN_ABOVE));
    }

    @Test
    void withoutItsOwnItMovesAsTheVerbDoes() {
        Prototype p = FeelEdits.motion(new MotionOf.OfVerb(Verb.OPEN_ABOVE), Optional.of(SLOW))
                .applyTo(PLAIN);
        assertThat(moved(p, "home.half")).isEqualTo(SLOW);
        assertThat(p.feel().own(new MotionOf.Above(Form.SHEET))).isEmpty();
    }

    @Test
    void whatIsUsualAnyhowIsNotKept() {
        MotionOf sheet = new MotionOf.Above(Form.SHEET);
        assertThat(FeelEdits.motion(sheet, Optional.of(Motion.usualFor(Verb.OPEN_ABOVE)))
                        .applyTo(PLAIN)
                        .feel())
                .isEqualTo(Feel.USUAL);
        MotionOf drawers = new MotionOf.Drawers();
        Prototype slow = FeelEdits.motion(drawers, Optional.of(SLOW)).applyTo(PLAIN);
        assertThat(slow.feel().usual(drawers)).isEqualTo(SLOW);
        assertThat(FeelEdits.motion(drawers, Optional.empty()).applyTo(slow).feel())
                .isEqualTo(Feel.USUAL);
    }
}
