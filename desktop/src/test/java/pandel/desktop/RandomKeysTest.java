package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.scene.robot.Robot;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import pandel.core.edit.History;
import pandel.core.model.Prototype;

/**
 * Any keys in any order: nothing fails, no edit is lost. Twenty seconds, or until something was edited, unless
 * {@code -Dpandel.keys.seconds} says another time; a seed with {@code -Dpandel.keys.seed}.
 */
class RandomKeysTest extends WindowTest {

    private static final int SECONDS = Integer.getInteger("pandel.keys.seconds", 20);
    private static final long SEED = Long.getLong("pandel.keys.seed", 11);
    private static final List<KeyCode> MODIFIERS = List.of(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.ALT);
    private static final int LAST = 30;
    /** Prototypes that have to be seen for the test to say anything, and the keys after which none will be. */
    private static final int ENOUGH = 4;

    private static final int MOST = 6000;

    private final Random random = new Random(SEED);

    @SuppressWarnings("NullAway.Init")
    private Robot robot;

    private final Deque<List<KeyCode>> pressed = new ArrayDeque<>();
    /** What each edit led to, in order, as a person would have seen it. */
    private final List<Prototype> seen = new ArrayList<>();

    @Test
    void randomKeysLoseNothing() throws Exception {
        begin();
        interact(() -> robot = new Robot());
        List<KeyCode> keys = new ArrayList<>(
                Arrays.stream(KeyCode.values()).filter(this::onKeyboards).toList());
        // Those that people press most come more often.
        for (int i = 0; i < 5; i++) {
            keys.addAll(List.of(
                    KeyCode.ENTER,
                    KeyCode.TAB,
                    KeyCode.ESCAPE,
                    KeyCode.DELETE,
                    KeyCode.UP,
                    KeyCode.DOWN,
                    KeyCode.LEFT,
                    KeyCode.RIGHT));
        }
        long end = System.nanoTime() + SECONDS * 1_000_000_000L;
        int count = 0;
        // A slow machine presses fewer keys in that time: it goes on until something was edited.
        while (System.nanoTime() < end || seen.size() < ENOUGH && count < MOST) {
            press(keys);
            count++;
            if (count % LAST == 0) {
                nothingFailed();
                nothingIsLost();
                goOn();
            }
        }
        nothingFailed();
        nothingIsLost();
        System.out.println("seed " + SEED + ": " + count + " keys, " + seen.size() + " prototypes seen");
        assertThat(seen.size()).isGreaterThanOrEqualTo(ENOUGH);
    }

    private void begin() {
        openSample();
        interact(() -> opened.work().prototypeProperty().addListener((o, a, b) -> seen.add(b)));
    }

    /**
     * A window that was quit by its menu is opened again, and so is the sample where a new prototype took its place.
     */
    private void goOn() throws Exception {
        if (!stage.isShowing()) {
            openWindow();
            begin();
        } else if (prototype().screens().isEmpty()) {
            interact(() -> opened.window().run("sample"));
        }
    }

    private boolean onKeyboards(KeyCode code) {
        return (code.isLetterKey()
                        || code.isDigitKey()
                        || code.isNavigationKey()
                        || code.isFunctionKey()
                        || code.isWhitespaceKey()
                        || List.of(KeyCode.ESCAPE, KeyCode.BACK_SPACE, KeyCode.DELETE, KeyCode.COMMA)
                                .contains(code))
                && !code.name().startsWith("KP_");
    }

    private void press(List<KeyCode> keys) {
        List<KeyCode> chord = new ArrayList<>();
        MODIFIERS.stream().filter(m -> random.nextInt(7) == 0).forEach(chord::add);
        chord.add(keys.get(random.nextInt(keys.size())));
        // Ctrl+Q and Alt+F4 end the window, as they should.
        boolean ends = chord.contains(KeyCode.CONTROL) && chord.contains(KeyCode.Q)
                || chord.contains(KeyCode.ALT) && chord.contains(KeyCode.F4);
        if (ends) {
            return;
        }
        pressed.addLast(List.copyOf(chord));
        if (pressed.size() > LAST) {
            pressed.removeFirst();
        }
        try {
            CompletableFuture<Void> done = new CompletableFuture<>();
            Platform.runLater(() -> {
                chord.forEach(robot::keyPress);
                chord.reversed().forEach(robot::keyRelease);
                done.complete(null);
            });
            done.get(20, TimeUnit.SECONDS);
        } catch (Throwable e) {
            throw new AssertionError("Seed " + SEED + ", after " + pressed, e);
        }
    }

    private void nothingFailed() {
        try {
            WaitForAsyncUtils.checkException();
        } catch (Throwable e) {
            throw new AssertionError("Seed " + SEED + ", after " + pressed, e);
        }
    }

    /**
     * Undone to the beginning and done again to the end, the prototype is what it was, and the window shows just that.
     */
    private void nothingIsLost() {
        interact(() -> {
            History now = opened.work().historyProperty().get();
            Deque<Prototype> after = new ArrayDeque<>();
            History past = now;
            while (past.undoName().isPresent()) {
                after.push(past.prototype());
                past = past.undone();
                assertThat(past.prototype()).as("after %s", pressed).isNotSameAs(after.peek());
            }
            for (Prototype next : after) {
                past = past.redone();
                assertThat(past.prototype()).as("after %s", pressed).isSameAs(next);
            }
            assertThat(past.prototype())
                    .as("after %s", pressed)
                    .isSameAs(opened.work().prototype());
        });
    }
}
