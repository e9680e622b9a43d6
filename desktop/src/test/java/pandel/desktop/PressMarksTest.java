package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;

/** A press on the desk marks the thing under it; a second press the next larger; alike things are linked together. */
class PressMarksTest extends WindowTest {

    private void open(String title) {
        openSample();
        interact(() -> opened.work().selection().choose(screen(title).id()));
        go(2);
        settle();
    }

    /** Rests the hand over a point of the mock, in px of it, until what lies there is known. */
    private Point2D rest(double x, double y) {
        Node paper = lookup("#desk-paper").query();
        double scale = paper.getLayoutBounds().getWidth() / 390;
        Point2D at = paper.localToScreen(x * scale, y * scale);
        for (int i = 0; i < 2; i++) {
            // A hand rests a moment, and what lies under it comes to be known.
            moveTo(at.add(i, 1));
            until(() -> opened.window().things().isIdle());
        }
        return at;
    }

    private void press(double x, double y) {
        clickOn(rest(x, y));
    }

    private List<Hotspot> own(String title) {
        return screen(title).hotspots();
    }

    @Test
    void aPressMarksTheButtonUnderIt() {
        open("Confirm");
        interact(() -> opened.work().edit(pandel.core.edit.screen.HotspotEdits.remove(own("Confirm"))));
        settle();
        press(195, 690);
        shot("press");
        assertRead("Where does it lead?");
        write("reserved");
        keys(KeyCode.ENTER);
        Hotspot made = own("Confirm").getLast();
        Area area = made.areas().values().iterator().next();
        assertThat(area.x()).isBetween(18.0, 22.0);
        assertThat(area.width()).isBetween(346.0, 354.0);
        assertThat(area.contains(195, 690)).isTrue();
        assertThat(made.links()
                        .getFirst()
                        .effect()
                        .orElseThrow()
                        .target()
                        .orElseThrow()
                        .id())
                .isEqualTo(screen("Reserved").id());
    }

    @Test
    void aSecondPressTakesTheNextLarger() {
        open("Search");
        interact(() -> opened.work().edit(pandel.core.edit.screen.HotspotEdits.remove(own("Search"))));
        settle();
        press(195, 180);
        assertThat(lookup("#finder-more").queryAs(CheckBox.class).getText()).isEqualTo("All 3 rows like this");
        shot("press-row");
        press(195, 180);
        assertThat(lookup("#finder-more").queryAs(CheckBox.class).isVisible()).isFalse();
        keys(KeyCode.DOWN, KeyCode.ENTER);
        Area area = own("Search").getLast().areas().values().iterator().next();
        assertThat(area.height()).isGreaterThan(200);
    }

    @Test
    void rowsAreLinkedTogetherWithAValueEach() {
        open("Search");
        interact(() -> opened.work().edit(pandel.core.edit.screen.HotspotEdits.remove(own("Search"))));
        settle();
        press(195, 180);
        keys(KeyCode.TAB, KeyCode.SPACE);
        clickOn("#finder-field");
        write("tool");
        shot("press-rows");
        keys(KeyCode.ENTER);
        Hotspot made = own("Search").getLast();
        assertThat(made.rows()).hasSize(3);
        assertThat(made.rows().getFirst()).containsKey("tool");
        assertThat(made.links()
                        .getFirst()
                        .effect()
                        .orElseThrow()
                        .target()
                        .orElseThrow()
                        .values())
                .containsKey("tool");
        assertRead("3 rows, each with its own tool");
    }

    @Test
    void aSignThatStandsOnOtherScreensIsSharedWithThem() {
        open("House rules");
        interact(() -> opened.work()
                .edit(pandel.core.edit.screen.HotspotEdits.remove(
                        prototype().index().hotspotsOn(screen("House rules").id()))));
        settle();
        press(40, 70);
        shot("press-sign");
        assertThat(lookup("#finder-more").queryAs(CheckBox.class).getText())
                .matches("On all \\d+ screens with this sign here");
        keys(KeyCode.ENTER);
        assertThat(prototype().shared().getLast().screens()).hasSizeGreaterThan(10);
        assertThat(prototype()
                        .shared()
                        .getLast()
                        .hotspot()
                        .links()
                        .getFirst()
                        .effect()
                        .orElseThrow())
                .isInstanceOf(Effect.Return.class);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().index().hotspotsOn(screen("House rules").id())).isEmpty();
    }

    @Test
    void whatIsTakenIsNudgedAndWalkedTo() {
        open("Confirm");
        interact(() -> opened.work().edit(pandel.core.edit.screen.HotspotEdits.remove(own("Confirm"))));
        settle();
        press(195, 690);
        keys(KeyCode.ALT, KeyCode.DOWN);
        keys(KeyCode.ALT, KeyCode.SHIFT, KeyCode.RIGHT);
        write("reserved");
        keys(KeyCode.CONTROL, KeyCode.ENTER);
        Area area = own("Confirm").getLast().areas().values().iterator().next();
        assertThat(area.x()).isBetween(28.0, 42.0);
        assertThat(opened.work().screen().map(s -> s.title())).contains("Reserved");
    }

    @Test
    void whatLiesUnderTheHandIsProposed() {
        open("Notices");
        rest(195, 270);
        shot("press-hover");
        assertThat(lookup(".proposal").tryQuery()).isPresent();
        rest(195, 600);
        assertThat(lookup(".proposal").tryQuery()).isEmpty();
    }

    @Test
    void anEvenPlaceMarksNothing() {
        open("House rules");
        press(195, 800);
        assertThat(lookup("#finder-field").tryQuery()).isEmpty();
    }
}
