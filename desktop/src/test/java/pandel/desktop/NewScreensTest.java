package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.SharedHotspot;

/** What is said of pictures just taken in, and done by one press. */
class NewScreensTest extends WindowTest {

    @TempDir
    Path folder;

    private void take(String... names) throws IOException {
        for (String name : names) {
            Files.copy(Path.of("..", "samples", "pictures", name + "@2x.png"), folder.resolve(name + "@2x.png"));
        }
        interact(() -> opened.window().dropped(List.of(folder)));
        until(() -> prototype().screens().size() == names.length);
        settle();
    }

    @Test
    void whatIsSmallerThanTheDeviceIsMadeADialogOrSheetByOnePress() throws IOException {
        take("03_tools", "04_tool", "06_choose-dates", "11_extend-the-loan");
        assertRead("2 of these are smaller than the device");
        shot("small-offered");
        clickOn("#offer-take");
        settle();
        assertThat(prototype().screens().stream()
                        .filter(s -> s.form() != Form.PAGE)
                        .toList())
                .hasSize(2)
                .allMatch(s -> s.title().equals("Choose dates") || s.title().equals("Extend the loan"));
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().screens()).allMatch(s -> s.form() == Form.PAGE);
    }

    @Test
    void aSignAtTheSamePlaceIsMarkedOnAllByOnePress() throws IOException {
        take("05_how-to-use-it", "07_confirm", "10_loan", "12_bring-it-back", "15_notice", "24_my-card");
        until(() -> opened.window().things().isIdle());
        // What was said is read to its end first.
        hold(20_000);
        settle();
        assertRead("have a sign at the same place");
        shot("sign-offered");
        clickOn("#offer-take");
        settle();
        assertThat(prototype().shared()).hasSize(1);
        SharedHotspot sign = prototype().shared().getFirst();
        assertThat(sign.screens().size()).isGreaterThanOrEqualTo(3);
        assertThat(sign.hotspot().areas().values()).allMatch(a -> a.y() < 120);
        // On the desk, chosen: a word says what it does.
        assertThat(opened.work().selection().hotspots())
                .containsExactly(sign.hotspot().id());
        shot("sign-marked");
    }

    @Test
    void whatIsNotTakenUpIsLeftAndChangesNothing() throws IOException {
        take("03_tools", "04_tool", "06_choose-dates");
        var before = prototype();
        clickOn("#offer-leave");
        settle();
        assertThat(prototype()).isSameAs(before);
        assertThat(lookup("#offer-take").tryQuery()).isEmpty();
    }
}
