package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.edit.Edit;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.screen.Form;

/** Play as a person sees it; time passes when the test says so. */
class PlayTest extends WindowTest {

    @BeforeEach
    void playTheSample() {
        openSample();
        go(4);
        settle();
    }

    /** Without an entry, one press says where play begins; with nothing to begin at, what is missing is said. */
    @Test
    void whereNothingStartsOnePressSaysWhere() {
        interact(() -> opened.work().edit(Edit.of("start nowhere", p -> p.withEntries(List.of()))));
        settle();
        interact(() -> opened.work().selection().choose(screen("Tools").id()));
        go(4);
        clickOn("Start over");
        settle();
        assertRead("Play has nowhere to start");
        clickOn("Start at Tools");
        settle();
        assertThat(trail().getFirst()).isEqualTo("Tools");
        interact(() -> opened.work()
                .edit(ScreenEdits.remove(prototype().screens().stream()
                        .filter(s -> s.form() == Form.PAGE)
                        .toList())));
        settle();
        assertRead("Nothing to play yet", "play begins at a page");
        clickOn("Go to Mocks");
        settle();
        assertRead("Pictures from a folder");
    }

    @Test
    void aSplashWaitsAndIsNotLeftInTheTrail() {
        assertRead("In 1.8 s: replace with Sign in");
        pass(900);
        assertRead("In 0.9 s: replace with Sign in");
        shot("wait");
        pass(900);
        assertThat(trail()).containsExactly("Sign in");
        tillStill();
        assertRead("Tap Sign in", "Tap Look around first");
    }

    @Test
    void tapsOnThePictureGoWhereTheyAreMeantToAndBackByKey() {
        pass(1800);
        tapDevice(195, 650);
        tapDevice(195, 260);
        assertThat(trail()).containsExactly("Tool", "Tools", "Sign in");
        tapDevice(195, 690);
        tillStill();
        assertThat(trail()).containsExactly("Choose dates", "Tool", "Tools", "Sign in");
        shot("overlay");
        // The sheet's own button goes on beneath it.
        tapDevice(195, 304 + 488);
        assertThat(trail()).containsExactly("Confirm", "Tool", "Tools", "Sign in");
        keys(KeyCode.ESCAPE);
        assertThat(trail()).containsExactly("Tool", "Tools", "Sign in");
        clickOn("#device-back");
        settle();
        assertThat(trail()).containsExactly("Tools", "Sign in");
        keys(KeyCode.DIGIT1);
        assertThat(trail()).containsExactly("Tool", "Tools", "Sign in");
        keys(KeyCode.HOME);
        assertThat(trail()).containsExactly("Splash");
    }

    @Test
    void whatIsPossibleAndItsPlaceLightUpTogether() {
        pass(1800);
        tillStill();
        Node row = lookup(".possible-row").queryAll().iterator().next();
        moveTo(row);
        settle();
        Node place = lookup(".lit-place").query();
        Bounds where = place.localToScreen(place.getBoundsInLocal());
        moveTo(where.getCenterX(), where.getCenterY());
        settle();
        assertThat(lookup(".lit-place").queryAll()).isEmpty();
        assertThat(row.getPseudoClassStates().stream().map(Object::toString)).contains("lit");
    }

    @Test
    void whatIsRememberedSaysWhatItWasBeforeItChanged() {
        pass(1800);
        tapDevice(195, 650);
        tillStill();
        assertThat(lookup(".just-changed").queryAll()).isEmpty();
        go(4);
        keys(KeyCode.HOME);
        pass(1800);
        lookup(".possible-row").queryAll().stream().findFirst().ifPresent(this::clickOn);
        tillStill();
        assertRead("was no");
    }

    @Test
    void theTapeIsWoundBackAndGoneOnFrom() {
        pass(1800);
        tapDevice(195, 650);
        tapDevice(195, 260);
        clickOn("#tick-1");
        settle();
        assertThat(trail()).containsExactly("Sign in");
        assertRead("Wound back 2; go on from here, and what came later is dropped.");
        keys(KeyCode.RIGHT);
        assertThat(trail()).containsExactly("Tools", "Sign in");
        keys(KeyCode.LEFT);
        tapDevice(195, 582);
        assertThat(trail()).containsExactly("Tools");
        assertThat(lookup(".tick").queryAll()).hasSize(3);
    }

    @Test
    void aMissLeavesARingAndOneSentence() {
        pass(1800);
        tapDevice(195, 100);
        assertThat(lookup(".miss").queryAll()).hasSize(1);
        assertRead("No hotspot there.");
        assertThat(trail()).containsExactly("Sign in");
    }

    @Test
    void whatCannotBeDoneSaysWhy() {
        clickOn("#device-back");
        settle();
        assertRead("The prototype was left.", "Left the prototype by device back.");
        tapDevice(195, 300);
        assertRead("The prototype was left; start over to go on.");
        clickOn("#start-over");
        settle();
        assertThat(trail()).containsExactly("Splash");
    }

    @Test
    void waitsAreHeldAndHurried() {
        keys(KeyCode.SPACE);
        assertRead("Waits stand still; Space lets them go on.");
        pass(5000);
        assertThat(trail()).containsExactly("Splash");
        keys(KeyCode.SPACE);
        keys(KeyCode.H);
        assertThat(trail()).containsExactly("Sign in");
    }

    @Test
    void theScreenIsEditedAndPlayGoesOnFromTheSamePlaceAlsoOnAnotherDevice() {
        pass(1800);
        tapDevice(195, 650);
        keys(KeyCode.E);
        assertThat(opened.work().screen().orElseThrow().title()).isEqualTo("Tools");
        assertRead("Ways out");
        go(4);
        assertThat(trail()).containsExactly("Tools", "Sign in");
        interact(() -> opened.work().use(prototype().device("small-phone")));
        settle();
        assertThat(trail()).containsExactly("Tools", "Sign in");
        assertThat(lookup("#device-view").query().getLayoutBounds().getWidth()
                        / lookup("#device-view").query().getLayoutBounds().getHeight())
                .isBetween(0.55, 0.57);
    }

    @Test
    void motionsRunAndAnInterruptedOneEndsRight() {
        pass(1800);
        tillStill();
        Node device = lookup("#device-view").query();
        clickOn(onDevice(195, 650));
        clickOn(onDevice(195, 260));
        clickOn(onDevice(195, 690));
        tillStill();
        settle();
        assertThat(trail()).containsExactly("Choose dates", "Tool", "Tools", "Sign in");
        assertThat(device.lookupAll(".device-shade").stream().filter(Node::isVisible))
                .hasSize(1);
        assertThat(((Pane) device).getChildren())
                .allSatisfy(level -> assertThat(level.getTranslateX()).isZero());
    }

    @Test
    void anEditIsPlayedAtOnceFromTheSamePlace() {
        pass(1800);
        tapDevice(195, 650);
        interact(() -> opened.work().edit(ScreenEdits.rename(screen("Tools"), "All tools")));
        settle();
        assertThat(trail()).containsExactly("All tools", "Sign in");
    }

    @Test
    void showMePlaysTheShortestWayToADeadEnd() {
        go(5);
        assertRead(
                "“Receipt” is a dead end: it has no links.",
                "The shortest way there, on Phone",
                "tap It was taken back");
        shot("check");
        clickOn("#show-me");
        for (int i = 0; i < 6; i++) {
            pass(700);
        }
        tillStill();
        assertThat(trail().getFirst()).isEqualTo("Receipt");
        assertRead(
                "Possible here",
                "This takeover is not closed by the device’s back.",
                "Nothing leads on from “Receipt”.");
        shot("stuck");
        press("#end-mark");
        assertThat(screen("Receipt").end()).isTrue();
        assertRead("“Receipt” is an end, after");
        press("#end-back");
        assertThat(lookup("#way-end").query().isVisible()).isFalse();
        // What came later on the tape is there still: nothing is told of an end that one is wound back from.
        keys(KeyCode.HOME);
    }

    @Test
    void leavingIsToldAndTakenBack() {
        pass(1800);
        press("#device-back");
        press("#device-back");
        assertRead("Left by device back from");
        shot("left");
        press("#end-back");
        assertThat(lookup("#way-end").query().isVisible()).isFalse();
        press("#play-size");
        press("#play-size-1");
        assertRead("as wide as fits");
    }

    @Test
    void aPictureOnTheWayToAFindingPlaysAsFarAsThere() {
        go(5);
        List<Node> pictures = List.copyOf(lookup(".played-picture").queryAll());
        assertThat(pictures).hasSizeGreaterThan(2);
        clickOn(pictures.get(pictures.size() - 2));
        for (int i = 0; i < 6; i++) {
            pass(700);
        }
        tillStill();
        assertThat(trail().getFirst()).isEqualTo("Bring it back");
    }

    @Test
    void theDeviceStandsAtThreeSizes() {
        double fit = lookup("#device-view").query().getLayoutBounds().getWidth();
        keys(KeyCode.F);
        assertRead("as wide as fits");
        assertThat(lookup("#device-view").query().getLayoutBounds().getWidth()).isGreaterThan(fit * 1.5);
        shot("play-filled");
        // Unknown until the monitor is measured.
        keys(KeyCode.F);
        assertRead("True size is known once the monitor has been measured", "as large as fits");
        interact(() -> opened.window().preferred().change(p -> p.measured(4)));
        keys(KeyCode.F);
        keys(KeyCode.F);
        assertRead("true size");
        // 390 px at 160 to the inch are 61.9 mm.
        assertThat(lookup("#device-view").query().getLayoutBounds().getWidth())
                .isEqualTo(Math.rint(390 / 160.0 * 25.4 * 4));
    }

    @Test
    void showFillsTheScreenWithTheDeviceAndNothingElse() {
        keys(KeyCode.F11);
        assertThat(lookup("#name").tryQuery()).isEmpty();
        assertThat(lookup("#start-over").tryQuery()).isEmpty();
        assertThat(lookup("#device-view").tryQuery()).isPresent();
        shot("show");
        pass(1800);
        tapDevice(195, 582);
        keys(KeyCode.F11);
        assertRead("Trail", "Tools");
        assertThat(lookup("#name").tryQuery()).isPresent();
        assertThat(stage.isFullScreen()).isFalse();
    }

    @Test
    void keysCountWhenWhatHadTheFocusIsGone() {
        interact(() -> lookup("#start-over").query().requestFocus());
        keys(KeyCode.F11);
        assertThat(lookup("#start-over").tryQuery()).isEmpty();
        keys(KeyCode.F11);
        assertThat(lookup("#start-over").tryQuery()).isPresent();
        assertRead("Trail");
    }
}
