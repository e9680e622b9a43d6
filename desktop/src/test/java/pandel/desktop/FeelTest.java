package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.model.Feel;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Form;

/** How a prototype moves and answers as a rule: tried beside what it is, and then taken. */
class FeelTest extends FramedWindowTest {

    @Test
    void aMotionIsTriedBesideWhatItIsAndTaken() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.M);
        assertRead("How it moves and answers", "As it is", "As you try it", "slide along, 280 ms, ease-out");
        shot("feel");
        press("#feel-switch-tab");
        assertRead("at once");
        press("#feel-kind");
        press("#feel-kind-1");
        typeOver("#feel-ms", "9000");
        assertRead("A motion takes 0 to 5000 ms; “9000” is not that.");
        typeOver("#feel-ms", "400");
        typeOver("#feel-easing", "bouncy");
        assertRead("“bouncy” is not.");
        typeOver("#feel-easing", "cubic-bezier(0.2, 0, 0, 1)");
        assertThat(prototype().usualMotion(Verb.SWITCH_TAB)).isEqualTo(Motion.NONE);
        shot("feel-tried");
        press("#feel-take");
        Motion taken = prototype().usualMotion(Verb.SWITCH_TAB);
        assertThat(taken.kind()).isEqualTo(Motion.Kind.FADE);
        assertThat(taken.ms()).isEqualTo(400);
        assertThat(taken.easing()).isEqualTo("cubic-bezier(0.2, 0, 0, 1)");
        press("#feel-usual");
        assertThat(prototype().usualMotion(Verb.SWITCH_TAB)).isEqualTo(Motion.NONE);
        press("#feel-touched");
        press("#feel-touched-2");
        assertThat(prototype().feel().touched()).isEqualTo(Answer.SHRINK);
        press("#page-done");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().feel().touched()).isEqualTo(Answer.DIM);
    }

    @Test
    void whatOpensAboveAndDrawersHaveMotionsOfTheirOwn() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.M);
        press("#feel-open-a-sheet");
        typeOver("#feel-ms", "420");
        press("#feel-take");
        assertThat(prototype().feel().above()).containsOnlyKeys(Form.SHEET);
        assertThat(prototype().usualMotion(Verb.OPEN_ABOVE).ms()).isEqualTo(250);
        press("#feel-drawers");
        assertRead("drawers", "240 ms, ease-out");
        typeOver("#feel-ms", "600");
        press("#feel-take");
        assertThat(prototype().feel().drawers().ms()).isEqualTo(600);
        shot("feel-drawers");
        press("#feel-usual");
        assertThat(prototype().feel().drawers()).isEqualTo(Feel.DRAWERS);
        press("#page-done");
        go(2);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().feel().drawers().ms()).isEqualTo(600);
    }
}
