package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.desktop.stage.WorkStage;
import pandel.files.settings.Preferences;
import pandel.files.settings.PreferencesFile;

/** What a person prefers, and what they opened last. */
class PreferencesTest extends WindowTest {

    @TempDir
    private Path folder;

    private Preferences kept() {
        return new PreferencesFile(preferences.resolve("preferences.json")).read();
    }

    @Test
    void theLookTheReadingSpeedAndTheTrueSizeAreKept() {
        keys(KeyCode.CONTROL, KeyCode.COMMA);
        assertRead("Preferences", "200 words a minute", "not measured yet");
        shot("preferences");
        clickOn("#look-night");
        assertThat(stage.getScene().getStylesheets().getFirst()).endsWith("night.css");
        clickOn("#reading");
        keys(KeyCode.RIGHT);
        assertThat(kept().wordsAMinute()).isNotEqualTo(200);
        clickOn("#true-size");
        keys(KeyCode.RIGHT);
        assertRead("px to a millimetre");
        assertThat(kept().dotsAMillimetre()).isPresent();
        assertThat(kept().look()).isEqualTo(Preferences.LookWish.NIGHT);
        shot("preferences-night");
        clickOn("#preferences-done");
        assertThat(read()).doesNotContain("words a minute");
    }

    @Test
    void wordsAreTwiceAsLargeAndTheStagesStillReadWhole() {
        openSample();
        double before = wide("#stage-mocks .what");
        double card = heightOfACard();
        keys(KeyCode.CONTROL, KeyCode.COMMA);
        clickOn("#text-200");
        clickOn("#preferences-done");
        settle();
        assertThat(kept().text()).isEqualTo(200);
        for (WorkStage each : WorkStage.values()) {
            Label what = lookup("#stage-" + each.name().toLowerCase(Locale.ROOT) + " .what")
                    .query();
            assertThat(((Text) what.lookup(".text")).getText()).isEqualTo(each.title());
        }
        assertThat(wide("#stage-mocks .what")).isGreaterThan(1.8 * before);
        assertThat(heightOfACard()).as("room for two lines of large words").isGreaterThan(card + 60);
        keys(KeyCode.CONTROL, KeyCode.COMMA);
        clickOn("#text-100");
        settle();
        assertThat(wide("#stage-mocks .what")).isEqualTo(before);
        assertThat(heightOfACard()).isEqualTo(card);
    }

    /** They are all alike, and which of them are in sight hangs on how large they are. */
    private double heightOfACard() {
        until(() -> lookup((Node n) -> n.isVisible() && n.getStyleClass().contains("card"))
                .tryQuery()
                .isPresent());
        return lookup((Node n) -> n.isVisible() && n.getStyleClass().contains("card"))
                .query()
                .getLayoutBounds()
                .getHeight();
    }

    private double wide(String query) {
        return lookup(query).query().getLayoutBounds().getWidth();
    }

    @Test
    void filesOpenedLastAreOfferedAndOneThatIsGoneSaysSo() throws Exception {
        Path file = folder.resolve("Lane.pandel");
        Files.copy(sample(), file);
        chosenFiles.add(file);
        keys(KeyCode.CONTROL, KeyCode.O);
        until(() -> prototype().screens().size() == 30);
        keys(KeyCode.CONTROL, KeyCode.N);
        until(() -> prototype().screens().isEmpty());
        assertRead("Opened last", "Lane.pandel", folder.toString());
        shot("welcome");
        clickOn("Lane.pandel");
        until(() -> prototype().screens().size() == 30);
        keys(KeyCode.CONTROL, KeyCode.N);
        until(() -> prototype().screens().isEmpty());
        Files.delete(file);
        clickOn("Lane.pandel");
        settle();
        assertRead("“Lane.pandel” is not there any more, in " + folder);
        assertThat(kept().recent()).isEmpty();
    }
}
