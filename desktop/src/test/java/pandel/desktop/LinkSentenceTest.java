package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.words.LinkWords;

/**
 * Everything a sentence says beside where a tap leads: how else it turns out, when, what is said, other gestures, other
 * causes.
 */
class LinkSentenceTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    /** Chooses from the menu behind "and more…". */
    private void more(String branch, String item) {
        clickOn(branch);
        settle();
        clickOn(item);
        settle();
    }

    private void type(String words) {
        write(words);
        keys(KeyCode.ENTER);
        settle();
    }

    private void find(String screen) {
        write(screen);
        keys(KeyCode.ENTER);
        settle();
    }

    private Link link(String screen, String words) {
        return hotspot(screen, words).links().getFirst();
    }

    @Test
    void aLinkTurnsOutInTwoWaysAndPlayAsks() {
        choose("Confirm", "Reserve it");
        more("#choice-more", "#more-another");
        type("no network");
        assertThat(link("Confirm", "Reserve it").outcomes()).containsExactly("done", "no network");
        assertRead("done", "no network", "choose where it leads");
        clickOn("#choice-outcome");
        keys(KeyCode.CONTROL, KeyCode.A);
        type("reserved");
        more("#branch-1-more", "#more-say");
        type("There is no network. Try again.");
        Branch lost = link("Confirm", "Reserve it").branches().get(1);
        assertThat(lost.effects())
                .singleElement()
                .isEqualTo(new Effect.Notice("There is no network. Try again.", Effect.Notice.USUAL_MS));
        shot("sentence-outcomes");
        // Played, it asks in place; the number of an outcome answers.
        playSignedIn();
        tapDevice(195, 260);
        tapDevice(195, 690);
        tapDevice(195, 304 + 488);
        clickOn(lookup("Tap Reserve it, reserved").<Node>query());
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Reserved").id());
        keys(KeyCode.LEFT);
        tapOn("Confirm", "Reserve it");
        assertRead("Tap Reserve it: how does it turn out?", "reserved", "no network", "Always this one, unasked");
        shot("play-asks");
        keys(KeyCode.DIGIT2);
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Confirm").id());
        assertRead("There is no network. Try again.");
        shot("play-notice");
        pass(4000);
        assertThat(lookup("#notice").query().isVisible()).isFalse();
        tapOn("Confirm", "Reserve it");
        clickOn("#ask-always");
        clickOn("#outcome-reserved");
        settle();
        assertThat(link("Confirm", "Reserve it").always()).contains("reserved");
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Reserved").id());
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(link("Confirm", "Reserve it").always()).isEmpty();
    }

    /** Begins play on Tools. */
    private void playSignedIn() {
        go(4);
        clickOn("#start-from");
        settle();
        clickOn("Signed in");
        settle();
    }

    /** Taps the middle of a hotspot where the device shows it. */
    private void tapOn(String screen, String words) {
        var area = hotspot(screen, words).areas().values().iterator().next();
        tapDevice(area.x() + area.width() / 2, area.y() + area.height() / 2);
    }

    @Test
    void aBranchHoldsOnlyWhileAFactDoes() {
        choose("Tool", "Reserve");
        more("#choice-more", "#more-when");
        type("signed in");
        Branch branch = link("Tool", "Reserve").branches().getFirst();
        assertThat(branch.when())
                .singleElement()
                .satisfies(c -> assertThat(c.words(prototype())).isEqualTo("signed in is yes"));
        assertRead("signed in is yes");
        more("#choice-more", "#more-another");
        type("not signed in");
        clickOn("#branch-1-target");
        find("Sign in");
        Link link = link("Tool", "Reserve");
        assertThat(link.branches()
                        .get(1)
                        .move()
                        .flatMap(Effect::target)
                        .orElseThrow()
                        .id())
                .isEqualTo(screen("Sign in").id());
        // A way is taken away again; the one that is left needs no name.
        more("#branch-1-more", "#more-remove");
        assertThat(link("Tool", "Reserve").branches())
                .singleElement()
                .satisfies(b -> assertThat(b.outcome()).isEmpty());
    }

    @Test
    void aHotspotAnswersToALongPressBesideItsTap() {
        choose("Tools", "Orchard ladder");
        clickOn("#add-gesture");
        settle();
        clickOn("#gesture-long-press");
        settle();
        clickOn("#choice-target");
        find("Waiting list");
        Hotspot ladder = hotspot("Tools", "Orchard ladder");
        assertThat(ladder.links()).extracting(l -> LinkWords.cause(l)).containsExactly("tap", "long press");
        assertThat(ladder.linkFor(Gesture.LONG_PRESS)
                        .orElseThrow()
                        .effect()
                        .flatMap(Effect::target)
                        .orElseThrow()
                        .id())
                .isEqualTo(screen("Waiting list").id());
        assertRead("Long press", "Tap: advance to Tool");
        shot("sentence-gestures");
        playSignedIn();
        Point2D at = onDevice(195, 260);
        moveTo(at);
        press(MouseButton.PRIMARY);
        hold(700);
        release(MouseButton.PRIMARY);
        settle();
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Waiting list").id());
        keys(KeyCode.ESCAPE);
        tapDevice(195, 260);
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Tool").id());
    }

    @Test
    void aScreenGoesOnWhenItsWorkIsDoneOrByASwipe() {
        desk("Reserved");
        clickOn("#way-" + screen("Reserved").links().getFirst().id());
        settle();
        clickOn("#choice-cause");
        settle();
        clickOn("#cause-work");
        settle();
        assertThat(screen("Reserved").links().getFirst().cause()).isEqualTo(new Cause.Work());
        assertRead("When the work is done");
        desk("Tool");
        clickOn("#add-cause");
        settle();
        clickOn("#gesture-swipe-right");
        find("return");
        Optional<Link> swipe = screen("Tool").links().stream()
                .filter(l -> l.cause().equals(new Cause.Touch(Gesture.SWIPE_RIGHT)))
                .findFirst();
        assertThat(swipe.flatMap(Link::effect)).contains(new Effect.Return());
        assertRead("Swipe right anywhere");
        shot("sentence-screen");
        playSignedIn();
        tapDevice(195, 260);
        Point2D from = onDevice(120, 420);
        Point2D to = onDevice(320, 430);
        drag(from).dropTo(to);
        settle();
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Tools").id());
    }
}
