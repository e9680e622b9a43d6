package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.shape.Rectangle;
import org.junit.jupiter.api.Test;
import pandel.core.model.screen.Answer;

/** What is seen of what a finger is on, and notices that a touch takes away. */
class TouchAnsweredTest extends FramedWindowTest {

    private Node answer() {
        return lookup("#touch-answer").query();
    }

    @Test
    void whatIsTouchedDimsUntilTheFingerIsLiftedOrLeaves() {
        pastTheWelcome();
        assertThat(answer().isVisible()).isFalse();
        moveTo(onDevice(195, 582)).press(MouseButton.PRIMARY);
        assertThat(answer().isVisible()).isTrue();
        assertThat(answer().lookup(".touch-dim")).isInstanceOf(Rectangle.class);
        shot("touch-dim");
        moveTo(onDevice(195, 760));
        assertThat(answer().isVisible()).isFalse();
        release(MouseButton.PRIMARY);
        moveTo(onDevice(195, 20)).press(MouseButton.PRIMARY);
        assertThat(answer().isVisible()).isFalse();
        release(MouseButton.PRIMARY);
        tapDevice(195, 582);
        assertThat(answer().isVisible()).isFalse();
        tillStill();
        moveTo(onDevice(146, 805)).press(MouseButton.PRIMARY);
        assertThat(answer().isVisible()).isTrue();
        release(MouseButton.PRIMARY);
    }

    @Test
    void aHotspotAnswersInAWayOfItsOwnAndTheOthersAsIsUsual() {
        choose("Sign in", "Sign in");
        press("#nature");
        press("#nature-touched");
        shot("touch-menu");
        press("#touched-shrink");
        assertThat(hotspot("Sign in", "Sign in").touched()).isEqualTo(Optional.of(Answer.SHRINK));
        press("#nature");
        press("#nature-touched");
        press("#touched-everywhere-outline");
        assertThat(prototype().feel().touched()).isEqualTo(Answer.OUTLINE);
        pastTheWelcome();
        moveTo(onDevice(195, 582)).press(MouseButton.PRIMARY);
        shot("touch-shrink");
        assertThat(answer().isVisible()).isTrue();
        assertThat(answer().lookup(".touch-outline")).isNull();
        release(MouseButton.PRIMARY);
        tillStill();
        moveTo(onDevice(146, 805)).press(MouseButton.PRIMARY);
        assertThat(answer().lookup(".touch-outline")).isNotNull();
        shot("touch-outline");
        release(MouseButton.PRIMARY);
        go(2);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().feel().touched()).isEqualTo(Answer.DIM);
    }

    @Test
    void aNoticeStandsUntilItIsTouched() {
        choose("Sign in", "Look around first");
        press("#choice-more");
        press("#more-say");
        write("Welcome to the lane");
        keys(KeyCode.ENTER);
        settle();
        press("#choice-said-time-0");
        shot("notice-time");
        press("#notice-touched");
        assertRead("say", "“Welcome to the lane”", "until it is touched");
        pastTheWelcome();
        tapDevice(195, 640);
        tillStill();
        pass(60_000);
        assertThat(lookup("#notice").query().isVisible()).isTrue();
        clickOn("#notice");
        settle();
        assertThat(lookup("#notice").query().isVisible()).isFalse();
        assertThat(opened.window().played().orElseThrow().notice()).isEmpty();
    }
}
