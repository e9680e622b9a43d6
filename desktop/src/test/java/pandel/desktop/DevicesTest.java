package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;

/** The page of devices: sizes, what they show above one another, what they refuse. */
class DevicesTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    @Test
    void devicesAreNamedSizedAndToldWhatTheyCannot() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.D);
        clickOn("#more-devices");
        settle();
        shot("devices");
        clickOn("One of your own");
        settle();
        Device own = prototype().devices().getLast();
        typeOver("#device-size-" + own.id(), "0 × 800");
        assertRead("A device is 40 to 10000 px a side: 480 × 800, say. “0 × 800” is not.");
        typeOver("#device-size-" + own.id(), "1000000 x 800");
        assertRead("“1000000 x 800” is not.");
        typeOver("#device-size-" + own.id(), "400 x 700");
        assertThat(prototype().devices().getLast().height()).isEqualTo(700);
        clickOn("#device-levels-" + own.id());
        settle();
        assertRead("any number", "the page alone", "2, the page counted");
        clickOn("#device-levels-" + own.id() + "-1");
        settle();
        assertThat(prototype().devices().getLast().levels()).isEqualTo(1);
        typeOver("#width-wide", "600");
        assertRead("Medium begins at 41 px or more, wide at more than that and 10000 at most: 640 and 1000, say. "
                + "“640” and “600” do not.");
        typeOver("#width-wide", "1200");
        assertThat(prototype().widths()).isEqualTo(new pandel.core.model.device.Widths(640, 1200));
        shot("devices-widths");
        clickOn("#page-done");
        settle();
        go(5);
        assertRead("opens one thing more above than Own device can show: nothing above the page.");
    }

    @Test
    void aDeviceRefusesWhatOneSaysItRefuses() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.D);
        Device first = prototype().devices().getFirst();
        assertRead("Refuses", "nothing");
        clickOn("#device-refuses-" + first.id());
        settle();
        assertRead("Verbs", "Frames, and what opens above", "Gestures");
        shot("device-refuses-open");
        clickOn("#device-cannot-double-tap");
        clickOn("#device-cannot-open-above");
        keys(KeyCode.ESCAPE);
        settle();
        assertThat(prototype().devices().getFirst().cannot()).containsExactly(Cannot.OPEN_ABOVE, Cannot.DOUBLE_TAP);
        assertRead("open above and 1 more");
        shot("device-refuses");
        clickOn("#page-done");
        settle();
        go(5);
        assertRead("is to open above, which is refused on " + first.title() + ".");
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().devices().getFirst().cannot()).isEmpty();
    }
}
