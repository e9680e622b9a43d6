package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;

/**
 * Something that can be chosen while a notice stands: said in a link's sentence, in a sentence of its own, and played.
 */
class NoticeActionTest extends FramedWindowTest {

    private Effect.Action action() {
        return hotspot("Sign in", "Look around first")
                .links()
                .getFirst()
                .notices()
                .findFirst()
                .flatMap(Effect.Notice::action)
                .orElseThrow();
    }

    private void sayWithAction() {
        choose("Sign in", "Look around first");
        press("#choice-more");
        press("#more-say");
        write("Nothing is kept of this visit");
        keys(KeyCode.ENTER);
        settle();
        press("#choice-said-action-0");
        write("Sign in after all");
        keys(KeyCode.ENTER);
        settle();
    }

    private void assertOffersNothing() {
        assertThat(hotspot("Sign in", "Look around first")
                        .links()
                        .getFirst()
                        .notices()
                        .map(Effect.Notice::action))
                .containsExactly(Optional.empty());
    }

    @Test
    void anActionIsNamedLedSomewhereAndChosenWhereverTheNoticeStands() {
        sayWithAction();
        assertRead("Choosing “Sign in after all” while “Nothing is kept of this visit” stands:");
        shot("notice-action-bare");
        press("#choice-target");
        write("Sign in");
        keys(KeyCode.ENTER);
        settle();
        Link link = action().link();
        assertThat(link.effect()
                        .flatMap(Effect::target)
                        .map(t -> prototype().screen(t.id()).orElseThrow().title()))
                .contains("Sign in");
        assertThat(lookup("#way-" + link.id()).tryQuery()).isPresent();
        shot("notice-action-desk");
        press("#says-it");
        assertRead("say", "“Nothing is kept of this visit”", "for 4 s", "with", "“Sign in after all”");
        shot("notice-action-said");

        pastTheWelcome();
        tapDevice(195, 640);
        tillStill();
        Button offered = lookup("#notice-action").queryAs(Button.class);
        assertThat(offered.getText()).isEqualTo("Sign in after all");
        shot("notice-action-play");
        clickOn(offered);
        tillStill();
        assertThat(prototype()
                        .screen(opened.window().played().orElseThrow().screen())
                        .orElseThrow()
                        .title())
                .isEqualTo("Sign in");
        assertThat(opened.window().played().orElseThrow().notice()).isEmpty();
        assertThat(lookup("#notice").query().isVisible()).isFalse();
    }

    @Test
    void itPassesWithItsNoticeAndATouchBesideItDoesNothingOfIt() {
        sayWithAction();
        press("#choice-target");
        write("Sign in");
        keys(KeyCode.ENTER);
        settle();
        pastTheWelcome();
        tapDevice(195, 640);
        tillStill();
        String there = opened.window().played().orElseThrow().screen();
        clickOn("#notice-words");
        settle();
        assertThat(opened.window().played().orElseThrow().screen()).isEqualTo(there);
        assertThat(lookup("#notice").query().isVisible()).isFalse();
    }

    @Test
    void itIsCalledOtherwiseTakenAwayAndGivenBackByUndo() {
        sayWithAction();
        press("#says-it");
        press("#choice-said-action-0");
        shot("notice-action-menu");
        press("#action-name");
        write("Sign in now");
        keys(KeyCode.ENTER);
        settle();
        assertThat(action().label()).isEqualTo("Sign in now");
        keys(KeyCode.CONTROL, KeyCode.F);
        write("sign in now");
        assertRead("in a notice", "on Sign in: nothing yet");
        keys(KeyCode.ENTER);
        settle();
        assertRead("Choosing “Sign in now” while “Nothing is kept of this visit” stands:");
        press("#says-it");
        press("#choice-said-action-0");
        press("#action-none");
        assertOffersNothing();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(action().label()).isEqualTo("Sign in now");
        press("#choice-said-action-0");
        press("#action-does");
        press("#remove-action");
        assertOffersNothing();
    }
}
