package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import org.junit.jupiter.api.Test;
import pandel.core.edit.Edit;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.screen.Screen;

/** The map, and the vitals that lead there. */
class MapTest extends WindowTest {

    @Test
    void screensStandByStepsAndTheNeverShownOnTheShelf() {
        openSample();
        clickOn("#vital-not-linked");
        settle();
        assertRead("Start", "1 step", "2 steps", "Never shown", "Report damage", "Splash is where play starts.");
        Node splash = lookup("#chip-" + screen("Splash").id()).query();
        Node tools = lookup("#chip-" + screen("Tools").id()).query();
        assertThat(tools.getLayoutX()).isGreaterThan(splash.getLayoutX());
        clickOn(tools);
        settle();
        assertRead("Tools: 2 steps from the entry.");
        assertThat(lookup(".of-chosen").queryAll()).isNotEmpty();
        keys(KeyCode.RIGHT);
        assertThat(opened.work().screen().map(Screen::title).orElse("")).isIn("Tool", "Loans", "Notices", "Me");
        keys(KeyCode.LEFT);
        assertThat(opened.work().screen().map(Screen::title)).contains("Tools");
        clickOn("Show the way there");
        settle();
        assertRead("Trail", "Possible here");
    }

    @Test
    void allWaysOfWhatIsPointedAtAreDrawnWithAHeadWhereTheyArrive() {
        openSample();
        go(3);
        choose("Splash");
        int heads = lookup(".way-head").queryAll().size();
        assertThat(heads).isOne();
        moveTo("#chip-" + screen("Tools").id());
        settle();
        assertThat(lookup(".way-head").queryAll().size()).isGreaterThan(heads);
        moveTo("#map-link");
        settle();
        assertThat(lookup(".way-head").queryAll()).hasSize(heads);
    }

    /**
     * Sixty do not fit: the map goes on below, the heads of its columns stay, and what is chosen is come to by keys.
     */
    @Test
    void whatDoesNotFitGoesOnBelowUnderTheHeadsOfItsColumns() {
        openSample();
        interact(() -> opened.work().edit(Edit.of("many", p -> Generated.of(60, 1, Kind.USUAL))));
        settle();
        go(3);
        ScrollPane scroll = (ScrollPane) lookup(".scroll-pane")
                .match(n -> ((ScrollPane) n).getContent() == lookup(".map").query())
                .query();
        Pane map = lookup(".map").queryAs(Pane.class);
        assertThat(map.getHeight()).isGreaterThan(scroll.getViewportBounds().getHeight());
        Node heads = lookup(".map-heads").query();
        double before = heads.localToScene(0, 0).getY();
        for (int i = 0; i < 14; i++) {
            keys(KeyCode.DOWN);
        }
        Node chosen = lookup("#chip-" + opened.work().selection().screen()).query();
        assertThat(chosen.isFocused()).isTrue();
        assertThat(scroll.localToScene(scroll.getLayoutBounds())
                        .contains(chosen.localToScene(chosen.getLayoutBounds())))
                .isTrue();
        keys(KeyCode.RIGHT, KeyCode.RIGHT);
        interact(() -> scroll.setVvalue(1));
        assertThat(heads.localToScene(0, 0).getY()).isCloseTo(before, within(1.5));
        shot("map-tall");
    }

    @Test
    void aThousandScreensAreDrawnWithinTheWindow() {
        openSample();
        interact(() -> opened.work().edit(ScreenEdits.remove(prototype().screens())));
        interact(() -> opened.work().edit(Edit.of("many", p -> Generated.of(1000, 3, Kind.USUAL))));
        settle();
        go(3);
        settle();
        // Counts alone, but for the chosen screen's own band.
        assertThat(lookup(".map-block").queryAll().size()).isGreaterThan(5);
        int chips = lookup(".chip").queryAll().size();
        clickOn("#block-4");
        settle();
        assertThat(lookup(".chip").queryAll().size()).isGreaterThan(chips);
        assertRead("Never shown");
        shot("crowded-map");
        List<Node> overlaps = lookup(".chip").queryAll().stream()
                .filter(n -> n.getLayoutX() < 0 || n.getLayoutY() < 0)
                .toList();
        assertThat(overlaps).isEmpty();
    }

    private void choose(String title) {
        interact(() -> opened.work().selection().choose(screen(title).id()));
        settle();
    }

    @Test
    void eachLookLightsWhatItIsFor() {
        openSample();
        go(3);
        choose("Tool");
        until(() -> !lookup("#map-hangs").query().isDisabled());
        shot("map-steps");
        assertRead("screens are reached through it alone.");
        // Overlays stand on the shoulder of what opens them.
        Node tool = lookup("#chip-" + screen("Tool").id()).query();
        Node dates = lookup("#chip-" + screen("Choose dates").id()).query();
        assertThat(dates.getLayoutX()).isBetween(tool.getLayoutX(), tool.getLayoutX() + 60);
        assertThat(dates.getLayoutY()).isGreaterThan(tool.getLayoutY());
        clickOn("#map-findings");
        settle();
        assertRead("screens have findings; the number is how many.");
        shot("map-findings");
        clickOn("#map-travelled");
        settle();
        assertRead("4 journeys travel");
        shot("map-travelled");
        clickOn("#map-journey");
        settle();
        clickOn("Bring the tent back");
        settle();
        assertRead("Bring the tent back: 8 steps.");
        shot("map-journey");
        clickOn("#map-hangs");
        settle();
        shot("map-hangs-menu");
        clickOn("Tool itself — 7 screens");
        settle();
        assertRead("7 screens are reached through Tool alone.");
        keys(KeyCode.ESCAPE);
        assertThat(read()).doesNotContain("7 screens are reached through Tool alone.");
    }

    @Test
    void theShortestWayBetweenTwoScreensIsShownAndPlayed() {
        openSample();
        go(3);
        choose("Me");
        clickOn("#map-between");
        assertRead("From Me: choose the screen to get to.");
        clickOn("#chip-" + screen("Receipt").id());
        settle();
        assertRead("Me to Receipt: 4 steps, the fewest there are.");
        shot("map-between");
        clickOn("#map-show");
        settle();
        assertThat(lookup("#device-view").tryQuery()).isPresent();
        go(3);
        keys(KeyCode.ESCAPE);
        assertRead("Me: ");
    }

    @Test
    void lanesAndMocks() {
        openSample();
        go(3);
        keys(KeyCode.L);
        assertRead("Arriving", "Notices and me");
        shot("map-lanes");
        keys(KeyCode.L);
        keys(KeyCode.M);
        shot("map-mocks");
        assertThat(lookup("#chip-" + screen("Tool").id())
                        .query()
                        .getLayoutBounds()
                        .getHeight())
                .isGreaterThan(100);
    }

    @Test
    void theTableIsReadAndFilledInBulk() {
        openSample();
        go(3);
        keys(KeyCode.T);
        shot("map-table");
        Node grid = lookup("#table-grid").query();
        // The second column of the first row: from the splash screen to what it leads to.
        assertRead("Splash: after 1.8 s, replace with Sign in.");
        int links = prototype().index().ways().size();
        keys(KeyCode.RIGHT);
        keys(KeyCode.RIGHT);
        keys(KeyCode.SHIFT, KeyCode.RIGHT);
        assertRead("2 pairs, 0 of them linked. Enter links the rest.");
        keys(KeyCode.ENTER);
        assertThat(prototype().index().ways()).hasSize(links + 2);
        shot("map-table-filled");
        keys(KeyCode.DELETE);
        assertThat(prototype().index().ways()).hasSize(links);
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().index().ways()).hasSize(links);
        // By mouse: a click chooses a cell.
        clickOn(grid.localToScreen(190 + 13, 128 + 26 + 13));
        settle();
        assertRead("Sign in does not lead to Splash.");
        keys(KeyCode.A);
        assertRead("Sign in: tap Splash, advance to Splash.");
        keys(KeyCode.CONTROL, KeyCode.ENTER);
        assertRead("Ways out");
        assertThat(opened.work().screen().map(Screen::title)).contains("Sign in");
    }

    @Test
    void longAndOddTitlesAreCutNotSpilled() {
        openSample();
        String longest = "A very long title that nobody should ever give to a screen but somebody will ".repeat(4);
        interact(() -> {
            opened.work().edit(ScreenEdits.rename(screen("Tools"), longest));
            opened.work().edit(ScreenEdits.rename(screen("Loans"), "שלום עולם 😀 שלום"));
            opened.work().edit(ScreenEdits.rename(screen("Me"), ""));
        });
        settle();
        go(3);
        Node chip = lookup("#chip-" + prototype().screens().get(2).id()).query();
        assertThat(chip.getLayoutBounds().getWidth()).isEqualTo(216);
        assertRead("Untitled", "שלום עולם 😀 שלום");
        shot("long-map");
        go(1);
        shot("long-mocks");
        interact(() ->
                opened.work().selection().choose(prototype().screens().get(2).id()));
        go(2);
        settle();
        shot("long-links");
        assertThat(lookup("#desk-paper").query().getLayoutBounds().getHeight()).isGreaterThan(300);
    }
}
