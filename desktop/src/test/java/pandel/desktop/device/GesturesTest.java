package pandel.desktop.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeoutException;
import javafx.event.EventType;
import javafx.scene.Scene;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxToolkit;
import pandel.core.model.device.Gesture;
import pandel.desktop.HandPace;
import pandel.desktop.theme.Pace;

/** Taps, double taps, long presses and swipes told apart from what a mouse or finger does. */
class GesturesTest {

    private static final double WIDE = 300;

    private final HandPace pace = new HandPace();
    private final List<String> told = new ArrayList<>();
    private final Set<String> answers = new HashSet<>();
    private final Region region = new Region();

    private final Gestures.Told to = new Gestures.Told() {
        @Override
        public boolean longPress(double x, double y) {
            told.add("long press " + (int) x);
            return answers.contains("long press");
        }

        @Override
        public boolean waitsForSecond(double x, double y) {
            return answers.contains("double tap");
        }

        @Override
        public boolean drawn(double x, double y, double by) {
            if (answers.contains("drawn")) {
                told.add("drawn " + (int) by);
            }
            return answers.contains("drawn");
        }

        @Override
        public boolean lifted(double x, double y, double by) {
            return answers.contains("lifted");
        }

        @Override
        public void letDown(double by, boolean thrown) {
            told.add("let down " + (int) by + (thrown ? " thrown" : ""));
        }

        @Override
        public boolean letGo(double by, boolean thrown, boolean turned) {
            told.add("let go " + (int) by + (thrown ? " thrown" : "") + (turned ? " turned" : ""));
            return answers.contains("let go");
        }

        @Override
        public boolean fromEdge(double x, double y) {
            return answers.contains("edge");
        }

        @Override
        public void gesture(Gesture gesture, double x, double y) {
            if (gesture != Gesture.HOVER) {
                told.add(gesture.word() + " " + (int) x);
            }
        }
    };

    @BeforeAll
    static void toolkit() throws TimeoutException {
        FxToolkit.registerPrimaryStage();
    }

    @BeforeEach
    void begin() {
        region.setMinSize(WIDE, 600);
        Pane root = new Pane(region);
        Pace.set(new Scene(root, WIDE, 600), pace);
        region.resize(WIDE, 600);
        Gestures.on(region, to);
    }

    private void fire(EventType<MouseEvent> type, double x, double y, MouseButton button) {
        region.fireEvent(new MouseEvent(
                type,
                x,
                y,
                x,
                y,
                button,
                1,
                false,
                false,
                false,
                false,
                button == MouseButton.PRIMARY,
                false,
                button == MouseButton.SECONDARY,
                true,
                false,
                true,
                null));
    }

    private void press(double x, double y) {
        fire(MouseEvent.MOUSE_PRESSED, x, y, MouseButton.PRIMARY);
    }

    private void drag(double x, double y) {
        fire(MouseEvent.MOUSE_DRAGGED, x, y, MouseButton.PRIMARY);
    }

    private void release(double x, double y) {
        fire(MouseEvent.MOUSE_RELEASED, x, y, MouseButton.PRIMARY);
    }

    private void tap(double x, double y) {
        press(x, y);
        release(x, y);
    }

    @Test
    void aTapIsToldAtOnceWhereNoSecondIsWaitedFor() {
        tap(100, 100);
        tap(100, 100);
        assertThat(told).containsExactly("tap 100", "tap 100");
    }

    @Test
    void whereASecondIsWaitedForTheFirstIsToldWhenNoneComes() {
        answers.add("double tap");
        tap(100, 100);
        assertThat(told).isEmpty();
        pace.pass(279);
        assertThat(told).isEmpty();
        pace.pass(1);
        assertThat(told).containsExactly("tap 100");
        tap(50, 50);
        tap(50, 50);
        pace.pass(1000);
        assertThat(told).containsExactly("tap 100", "double tap 50");
    }

    @Test
    void aFingerThatRestsIsALongPressAndNoTap() {
        answers.add("long press");
        press(100, 100);
        pace.pass(499);
        assertThat(told).isEmpty();
        pace.pass(1);
        release(100, 100);
        assertThat(told).containsExactly("long press 100");
    }

    @Test
    void aLongPressThatNothingAnswersIsATapWhenItIsLetGo() {
        press(100, 100);
        pace.pass(2000);
        release(100, 100);
        assertThat(told).containsExactly("long press 100", "tap 100");
    }

    @Test
    void aFingerThatMovesIsNoLongPress() {
        answers.add("long press");
        press(100, 100);
        drag(100, 115);
        pace.pass(2000);
        release(100, 115);
        assertThat(told).containsExactly("tap 100");
    }

    @ParameterizedTest
    @CsvSource({
        "150, 300, 100, 300, swipe left 150",
        "150, 300, 200, 300, swipe right 150",
        "150, 300, 150, 200, swipe up 150",
        "150, 300, 160, 400, swipe down 150",
        "150, 300, 160, 310, tap 150",
        "5, 300, 100, 300, edge swipe from the left 5",
        "296, 300, 200, 300, edge swipe from the right 296",
        "5, 300, 5, 400, swipe down 5",
        "296, 300, 299, 400, swipe down 296",
    })
    void whitherItIsDrawnSaysWhichSwipeItIs(double x1, double y1, double x2, double y2, String gesture) {
        press(x1, y1);
        drag((x1 + x2) / 2, (y1 + y2) / 2);
        drag(x2, y2);
        release(x2, y2);
        assertThat(told).containsExactly(gesture);
    }

    @Test
    void theSecondaryButtonIsASecondaryPress() {
        fire(MouseEvent.MOUSE_PRESSED, 70, 70, MouseButton.SECONDARY);
        fire(MouseEvent.MOUSE_RELEASED, 70, 70, MouseButton.SECONDARY);
        assertThat(told).containsExactly("secondary press 70");
    }

    @Test
    void whatFollowsTheFingerIsLetGoAndTurnedFromAQuarterOfTheWidthOn() {
        answers.addAll(Set.of("drawn", "let go"));
        press(200, 300);
        drag(150, 300);
        pace.pass(1000);
        drag(126, 300);
        release(126, 300);
        press(200, 300);
        drag(150, 300);
        pace.pass(1000);
        drag(124, 300);
        release(124, 300);
        assertThat(told.stream().filter(t -> t.startsWith("let go")))
                .containsExactly("let go -74", "let go -76 turned");
    }

    @Test
    void aQuickThrowTurnsHoweverShort() {
        answers.addAll(Set.of("drawn", "let go"));
        press(200, 300);
        drag(170, 300);
        pace.pass(100);
        release(170, 300);
        assertThat(told).last().isEqualTo("let go -30 thrown turned");
    }

    @Test
    void whatTheFollowerDoesNotTakeIsASwipeAfterAll() {
        answers.add("drawn");
        press(200, 300);
        drag(100, 300);
        release(100, 300);
        assertThat(told).last().isEqualTo("swipe left 200");
    }

    @Test
    void whatIsLiftedIsLetDown() {
        answers.add("lifted");
        press(200, 300);
        drag(200, 340);
        pace.pass(1000);
        release(200, 400);
        assertThat(told).containsExactly("let down 100");
    }
}
