package pandel.core.edit.screen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;

/** What pictures that are smaller than the device are taken for. */
class SmallScreensTest {

    private static Screen drawn(String id, double width, double height) {
        return Screen.page(id, id)
                .withMocks(List.of(new Picture(
                        Width.NARROW, id + ".png", (int) (2 * width), (int) (2 * height), 2, id, Rest.NONE)));
    }

    private static Prototype of(List<Screen> screens) {
        return Prototype.empty("Small").withScreens(screens);
    }

    @ParameterizedTest
    @CsvSource({
        "1, 1, ''",
        "1, 1.8, ''",
        "1, 0.5, SHEET",
        "1, 0.79, SHEET",
        "1, 0.85, ''",
        "0.8, 0.4, DIALOG",
        "0.93, 0.93, DIALOG",
        "0.8, 1, PANEL",
        "0.96, 0.9, ''"
    })
    void isTakenForWhatStandsAboveOthersThatWideAndHigh(double wide, double high, String form) {
        double w = Device.PHONE.width();
        double h = Device.PHONE.height();
        List<Screen> screens =
                List.of(drawn("a", w, h), drawn("b", w, h), drawn("c", Math.rint(w * wide), Math.rint(h * high)));
        Map<String, Form> found = SmallScreens.among(of(screens), screens);
        assertThat(found).isEqualTo(form.isEmpty() ? Map.of() : Map.of("c", Form.valueOf(form)));
        Prototype after = SmallScreens.of(found).applyTo(of(screens));
        assertThat(after.screen("c").orElseThrow().form()).isEqualTo(form.isEmpty() ? Form.PAGE : Form.valueOf(form));
        assertThat(after.screen("a").orElseThrow().form()).isEqualTo(Form.PAGE);
    }

    /** Drawn for a smaller device than those chosen: none of them stands above another for that. */
    @Test
    void whereAllAreSmallNoneIs() {
        List<Screen> screens = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            screens.add(drawn("s" + i, Device.PHONE.width() - 40, Device.PHONE.height() - 160));
        }
        assertThat(SmallScreens.among(of(screens), screens)).isEmpty();
    }

    @Test
    void whatIsNoPageOrHasNoPictureIsLeftAsItIs() {
        Screen sheet = drawn("c", 300, 200).withForm(Form.SHEET);
        Screen bare = Screen.page("d", "d");
        List<Screen> screens = List.of(drawn("a", 390, 844), drawn("b", 390, 844), sheet, bare);
        assertThat(SmallScreens.among(of(screens), List.of(sheet, bare))).isEmpty();
    }
}
