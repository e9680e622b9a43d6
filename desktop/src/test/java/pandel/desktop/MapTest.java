package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.edit.Edit;
import pandel.core.edit.ScreenEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Screen;

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
        clickOn("Show the way there");
        settle();
        assertRead("Trail", "Possible here");
    }

    @Test
    void aThousandScreensAreDrawnWithinTheWindow() {
        openSample();
        interact(() -> opened.work().edit(ScreenEdits.remove(prototype().screens())));
        interact(() -> opened.work().edit(Edit.of("many", p -> Generated.of(1000, 3, Kind.USUAL))));
        settle();
        go(3);
        settle();
        assertThat(lookup(".chip").queryAll().size()).isGreaterThan(900);
        assertRead("Never shown");
        shot("crowded-map");
        List<Node> overlaps = lookup(".chip").queryAll().stream().filter(n -> n.getLayoutX() < 0 || n.getLayoutY() < 0).toList();
        assertThat(overlaps).isEmpty();
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
        assertThat(chip.getLayoutBounds().getWidth()).isEqualTo(128);
        assertRead("Untitled", "שלום עולם 😀 שלום");
        shot("long-map");
        go(1);
        shot("long-mocks");
        interact(() -> opened.work().selection().choose(prototype().screens().get(2).id()));
        go(2);
        settle();
        shot("long-links");
        assertThat(lookup("#desk-paper").query().getLayoutBounds().getHeight()).isGreaterThan(300);
    }
}
