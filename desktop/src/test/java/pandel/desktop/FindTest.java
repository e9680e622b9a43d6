package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import pandel.core.check.finding.Rule;
import pandel.core.model.screen.Status;

/** Find reaches everything, and everything has a name. */
class FindTest extends WindowTest {

    private void find(String typed) {
        keys(KeyCode.CONTROL, KeyCode.F);
        write(typed);
        settle();
    }

    @Test
    void screensHotspotsFindingsAndCommandsAreFoundByTheirWords() {
        openSample();
        find("lad rea");
        shot("find");
        assertRead("Your ladder is ready", "hotspot");
        keys(KeyCode.ENTER);
        assertThat(opened.work().screen().orElseThrow().title()).isEqualTo("Notices");
        assertThat(opened.work().selection().hotspots()).hasSize(1);
        find("opening");
        keys(KeyCode.ENTER);
        assertThat(opened.work().screen().orElseThrow().title()).isEqualTo("Opening hours");
        find("dead end");
        keys(KeyCode.ENTER);
        assertRead("Any of these would mend it");
        find("night");
        assertRead("Day or night look", "Ctrl+L");
        keys(KeyCode.ENTER);
        assertThat(stage.getScene().getStylesheets().getFirst()).endsWith("night.css");
        find("zzz");
        assertRead("Nothing has these words.");
        keys(KeyCode.ESCAPE);
        assertThat(lookup("#find-field").tryQuery()).isEmpty();
    }

    @Test
    void parkedScreensAreMarkedAndLeftOut() {
        openSample();
        keys(KeyCode.END);
        interact(() -> opened.work().selection().choose(screen("How to use it").id()));
        clickOn(card("How to use it"), MouseButton.SECONDARY);
        clickOn("Park it: checks leave it out");
        settle();
        assertThat(screen("How to use it").status()).isEqualTo(Status.PARKED);
        assertRead("parked");
        assertThat(opened.work().checked().orElseThrow().findings(Rule.UNREACHED_SCREEN))
                .allSatisfy(f -> assertThat(f.sentence()).doesNotContain("How to use it"));
    }
}
