package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.check.finding.Rule;
import pandel.core.model.device.Width;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** The desk: hotspots and links by mouse and keys. */
class DeskTest extends WindowTest {

    @BeforeEach
    void openTheDeskOfTool() {
        openSample();
        interact(() -> opened.work().selection().choose(screen("Tool").id()));
        go(2);
        settle();
    }

    private Hotspot hotspot(String title) {
        return prototype().index().hotspotsOn(opened.work().selection().screen()).stream()
                .filter(h -> h.title().equals(title))
                .findFirst()
                .orElseThrow();
    }

    private Area area(String title) {
        return hotspot(title).areaOn(Width.NARROW).orElseThrow();
    }

    private Effect effect(String title) {
        return hotspot(title).links().getFirst().effect().orElseThrow();
    }

    @Test
    void aHotspotIsMovedResizedNudgedAndUndone() {
        Area before = area("Reserve");
        drag(onDesk(100, 690)).dropTo(onDesk(110, 640));
        settle();
        assertThat(area("Reserve").y()).isBetween(612.0, 616.0);
        assertThat(area("Reserve").width()).isEqualTo(before.width());
        clickOn("#undo");
        settle();
        assertThat(area("Reserve")).isEqualTo(before);

        clickOn(onDesk(100, 690));
        drag(onDesk(before.right(), before.bottom())).dropTo(onDesk(before.right() - 60, before.bottom() + 40));
        settle();
        assertThat(area("Reserve").width()).isBetween(before.width() - 63, before.width() - 57);
        assertThat(area("Reserve").x()).isEqualTo(before.x());
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(area("Reserve")).isEqualTo(before);

        clickOn(onDesk(100, 690));
        keys(KeyCode.LEFT);
        keys(KeyCode.LEFT);
        keys(KeyCode.SHIFT, KeyCode.UP);
        keys(KeyCode.CONTROL, KeyCode.RIGHT);
        assertThat(area("Reserve"))
                .isEqualTo(new Area(before.x() - 2, before.y() - 10, before.width() + 1, before.height()));
        // Nudges in a row are one step of undo.
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(area("Reserve")).isEqualTo(before);
    }

    @Test
    void hotspotsAreCopiedToAnotherScreenAndRemoved() {
        clickOn(onDesk(100, 690));
        keys(KeyCode.CONTROL, KeyCode.C);
        interact(() -> opened.work().selection().choose(screen("Receipt").id()));
        settle();
        keys(KeyCode.CONTROL, KeyCode.V);
        Hotspot copy = hotspot("Reserve");
        assertThat(copy.id())
                .isNotEqualTo(prototype()
                        .index()
                        .hotspotsOn(screen("Tool").id())
                        .get(2)
                        .id());
        assertThat(copy.links()).hasSize(1);
        assertThat(opened.work().checked().orElseThrow().shows(screen("Receipt").id()))
                .isTrue();
        keys(KeyCode.DELETE);
        assertThat(prototype().index().hotspotsOn(screen("Receipt").id())).isEmpty();
        // The same by mouse.
        clickOn("#paste");
        settle();
        clickOn("#remove-hotspot");
        settle();
        assertThat(prototype().index().hotspotsOn(screen("Receipt").id())).isEmpty();
    }

    @Test
    void severalHotspotsAreChosenMovedAndRemovedTogether() {
        Area first = area("How to use it");
        Area second = area("Opening hours");
        keys(KeyCode.CONTROL, KeyCode.A);
        assertRead("6 hotspots are chosen.");
        keys(KeyCode.DOWN);
        assertThat(area("How to use it").y()).isEqualTo(first.y() + 1);
        assertThat(area("Opening hours").y()).isEqualTo(second.y() + 1);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(area("How to use it")).isEqualTo(first);
        keys(KeyCode.CONTROL, KeyCode.A);
        keys(KeyCode.DELETE);
        assertThat(prototype().index().hotspotsOn(screen("Tool").id())).isEmpty();
        assertRead("A shared hotspot was removed from all its screens.");
    }

    @Test
    void theSentencesWordsAreChoices() {
        clickOn(onDesk(100, 480));
        assertRead("Tap", "How to use it", "advance to", "as usual: slides along, 280 ms");
        // The verb by menu.
        clickOn("#choice-verb");
        settle();
        shot("verbs");
        clickOn("#verb-replace");
        settle();
        assertThat(effect("How to use it").verb()).isEqualTo(Verb.REPLACE);
        // And by letter.
        keys(KeyCode.A);
        assertThat(effect("How to use it").verb()).isEqualTo(Verb.ADVANCE);
        keys(KeyCode.B);
        assertThat(effect("How to use it")).isEqualTo(new Effect.Return());
        keys(KeyCode.CONTROL, KeyCode.Z);
        // The target.
        clickOn("#choice-target");
        write("loans");
        keys(KeyCode.ENTER);
        assertThat(effect("How to use it").target().orElseThrow().id())
                .isEqualTo(screen("Loans").id());
        // The words on the hotspot.
        clickOn("#choice-hotspot");
        settle();
        write("Instructions");
        keys(KeyCode.ENTER);
        assertThat(hotspot("Instructions").links()).hasSize(1);
        assertRead("Instructions");
        // The motion.
        clickOn("#choice-motion");
        clickOn("at once");
        settle();
        assertRead("at once");
    }

    @Test
    void aLetterForEachVerb() {
        clickOn(onDesk(100, 690));
        assertThat(effect("Reserve")).isInstanceOf(Effect.OpenAbove.class);
        Target dates = effect("Reserve").target().orElseThrow();
        clickOn("#choice-target");
        write("Loans");
        keys(KeyCode.ENTER);
        assertThat(effect("Reserve").target().orElseThrow()).isNotEqualTo(dates);
        keys(KeyCode.S);
        assertThat(effect("Reserve"))
                .isEqualTo(
                        new Effect.Restart(new Target.ToScreen(screen("Loans").id())));
        assertRead("restart at", "Loans");
        shot("restart");
        keys(KeyCode.T);
        assertThat(effect("Reserve"))
                .isEqualTo(
                        new Effect.ReturnTo(new Target.ToScreen(screen("Loans").id())));
        assertRead("return to");
        keys(KeyCode.R);
        assertThat(effect("Reserve")).isInstanceOf(Effect.Replace.class);
        keys(KeyCode.B);
        assertThat(effect("Reserve")).isInstanceOf(Effect.Return.class);
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(effect("Reserve")).isInstanceOf(Effect.ReturnTo.class);
    }

    @Test
    void aVerbThatDoesNotFitSaysWhyAndIsNotSet() {
        clickOn(onDesk(100, 690));
        keys(KeyCode.A);
        assertThat(effect("Reserve").verb()).isEqualTo(Verb.OPEN_ABOVE);
        assertRead("“Choose dates” is a sheet: it opens above");
    }

    @Test
    void aWaitIsPutAndItsTimeTyped() {
        interact(() -> opened.work().selection().choose(screen("Receipt").id()));
        settle();
        clickOn("#add-wait");
        write("loans");
        keys(KeyCode.ENTER);
        assertRead("After", "2000", "replace with");
        clickOn("#choice-ms");
        settle();
        write("soon");
        keys(KeyCode.ENTER);
        assertRead("A wait is a whole number of milliseconds");
        clickOn("#choice-ms");
        settle();
        write("1500");
        keys(KeyCode.ENTER);
        assertRead("1500", "after 1.5 s");
        assertThat(opened.work().checked().orElseThrow().findings()).noneMatch(f -> f.rule() == Rule.DEAD_END);
    }

    @Test
    void aSharedHotspotIsMadeOnceAndSeenOnEachScreen() {
        clickOn(onDesk(100, 480));
        clickOn("#share");
        settle();
        shot("share");
        clickOn("#share-" + screen("Sign in").id());
        clickOn("#share-done");
        settle();
        assertThat(prototype().index().hotspotsOn(screen("Sign in").id()))
                .extracting(Hotspot::title)
                .contains("How to use it");
        assertRead("Shared by 2 screens…");
        interact(() -> opened.work().selection().choose(screen("Sign in").id()));
        settle();
        assertRead("How to use it");
        clickOn("How to use it");
        settle();
        clickOn("#unshare");
        settle();
        assertThat(prototype().index().hotspotsOn(screen("Tool").id()))
                .noneMatch(h -> h.title().equals("How to use it"));
    }

    @Test
    void neighboursAreWalkedToByMouseAndKey() {
        clickOn(onDesk(100, 690));
        settle();
        clickOn("#walk-on");
        settle();
        assertThat(opened.work().screen().map(Screen::title)).contains("Choose dates");
        assertRead("Tool, where you came from");
        clickOn("#walk-back");
        settle();
        assertThat(opened.work().screen().map(Screen::title)).contains("Tool");
        clickOn("Tools");
        settle();
        assertThat(opened.work().screen().map(Screen::title)).contains("Tools");
        keys(KeyCode.ALT, KeyCode.LEFT);
        assertThat(opened.work().screen().map(Screen::title)).contains("Tool");
    }

    @Test
    void tabGoesFromHotspotToHotspotAndTheFinderIsGivenUp() {
        keys(KeyCode.TAB);
        assertThat(opened.work().selection().hotspots())
                .containsExactly(hotspot("How to use it").id());
        keys(KeyCode.SHIFT, KeyCode.TAB);
        assertThat(opened.work().selection().hotspots())
                .containsExactly(hotspot("Back").id());
        int links = prototype().index().ways().size();
        mark(30, 540, 200, 40);
        write("nothing");
        keys(KeyCode.ESCAPE);
        assertThat(prototype().index().ways()).hasSize(links);
        assertThat(lookup("#finder-field").tryQuery()).isEmpty();
        mark(30, 540, 200, 40);
        clickOn("Leave it without a link for now");
        settle();
        assertRead("choose where it leads");
        clickOn("#choice-target");
        write("Brand new");
        keys(KeyCode.ENTER);
        assertThat(screen("Brand new").mocks()).isEmpty();
        // One step takes back the link and the screen it made.
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().screens()).noneMatch(s -> s.title().equals("Brand new"));
    }
}
