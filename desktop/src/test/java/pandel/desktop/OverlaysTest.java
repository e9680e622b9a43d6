package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.PanelSide;

/** Sheets with stops, panels at a side, what closes each; and the device dragged to another size. */
class OverlaysTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    /** Plays up to the dates sheet. */
    private void openDates() {
        go(4);
        pass(1800);
        tapDevice(195, 582);
        tapDevice(195, 264);
        tapDevice(195, 690);
        assertThat(trail()).startsWith("Choose dates", "Tool");
        tillStill();
    }

    private void draw(Point2D from, double by) {
        moveTo(from).press(MouseButton.PRIMARY).moveTo(from.add(0, by / 2)).moveTo(from.add(0, by));
        hold(350);
        release(MouseButton.PRIMARY);
        tillStill();
    }

    @Test
    void aSheetIsDrawnBetweenItsStopsAndOff() {
        desk("Choose dates");
        assertRead("a sheet: how it opens");
        press("#in-frame");
        assertRead("a sheet, open above", "a swipe off");
        typeOver("#overlay-stop", "60");
        assertRead("A second stop lies above the share it takes at first, 0 %; 60 % does not.");
        typeOver("#overlay-share", "40");
        typeOver("#overlay-stop", "60");
        typeOver("#overlay-shade", "20");
        assertThat(screen("Choose dates").overlay().stop()).isEqualTo(60);
        shot("overlay-page");
        press("#page-done");
        openDates();
        shot("sheet-low");
        // The button at its foot is beneath the device’s edge until the sheet is drawn up.
        draw(onDevice(195, 560), -60);
        shot("sheet-high");
        tapDevice(345, 844 * 0.4 + 47);
        assertThat(trail()).startsWith("Tool");
        tapDevice(195, 690);
        tillStill();
        draw(onDevice(195, 540), 20);
        assertThat(trail()).startsWith("Choose dates");
        draw(onDevice(195, 540), 200);
        assertThat(trail()).startsWith("Tool");
    }

    @Test
    void whatClosesItIsChosen() {
        desk("Choose dates");
        press("#in-frame");
        press("#closed-by-away");
        press("#closed-by-outside");
        assertThat(screen("Choose dates").closers()).containsExactly(Closer.DEVICE_BACK);
        press("#page-done");
        openDates();
        draw(onDevice(195, 540), 220);
        assertThat(trail()).startsWith("Choose dates");
        tapDevice(195, 60);
        assertThat(trail()).startsWith("Choose dates");
        keys(KeyCode.ESCAPE);
        assertThat(trail()).startsWith("Tool");
        go(2);
        desk("Choose dates");
        press("#in-frame");
        press("#closed-as-usual");
        assertThat(screen("Choose dates").closedBy()).isEmpty();
    }

    @Test
    void aPanelStandsAtASide() {
        interact(() ->
                opened.work().edit(pandel.core.edit.screen.ScreenEdits.form(screen("Extend the loan"), Form.PANEL)));
        desk("Extend the loan");
        press("#in-frame");
        press("#overlay-side");
        press("#overlay-side-0");
        typeOver("#overlay-share", "70");
        assertThat(screen("Extend the loan").overlay().side()).isEqualTo(PanelSide.LEFT);
        assertThat(screen("Extend the loan").overlay().share()).isEqualTo(70);
        typeOver("#overlay-share", "170");
        assertRead("is a number from 0 to 100; “170” is none");
        press("#page-done");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(screen("Extend the loan").overlay().share()).isZero();
    }

    @Test
    void theDeviceIsDraggedWiderAndKeepsItsPlace() {
        go(4);
        pass(1800);
        tapDevice(195, 582);
        tapDevice(195, 264);
        assertThat(trail().getFirst()).isEqualTo("Tool");
        Node edge = lookup("#device-edge-right").query();
        Point2D at = edge.localToScreen(edge.getBoundsInLocal().getCenterX(), 200);
        drag(at).moveTo(at.add(60, 0)).dropTo(at.add(140, 0));
        settle();
        assertThat(trail().getFirst()).isEqualTo("Tool");
        assertThat(((Label) lookup(".trail-size").query()).getText()).matches("[67]\\d\\d × 844 px now");
        // One tick for all of it.
        keys(KeyCode.LEFT);
        assertThat(lookup(".trail-size").queryAll()).isEmpty();
        keys(KeyCode.RIGHT);
        assertThat(lookup(".trail-size").queryAll()).isNotEmpty();
        shot("device-wider");
        doubleClickOn(edge);
        settle();
        assertThat(lookup(".trail-size").queryAll()).isEmpty();
    }
}
