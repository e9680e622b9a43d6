package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The page of what others can open who do not have Pandel. */
class HandOnTest extends WindowTest {

    @TempDir
    Path folder;

    @BeforeEach
    void openTheSample() {
        openSample();
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.H);
    }

    @Test
    void eachKindSaysWhatItIsForAndHowItBegins() {
        assertRead("Hand on", "A page that plays", "Pages to build from", "Links as a table");
        shot("hand-on");
        clickOn("#see-screens");
        settle();
        assertRead("id,title,form,status,section");
        shot("hand-on-begins");
        clickOn("#see-screens");
        settle();
        assertThat(lookup("#begins").tryQuery()).isEmpty();
    }

    @Test
    void aPageThatPlaysIsSaved() throws Exception {
        Path file = folder.resolve("played");
        chosenFiles.add(file);
        clickOn("#save-html");
        settle();
        Path saved = folder.resolve("played.html");
        until(() -> Files.exists(saved));
        settle();
        assertThat(Files.readString(saved)).startsWith("<!doctype html>").contains("Content-Security-Policy");
        assertRead("The file is in “played.html”.");
    }

    @Test
    void whatIsLookedAtIsShownBeforeItIsSaved() throws Exception {
        press("#see-imagemap");
        until(() -> !files.lookedAt().isEmpty());
        Path shown = files.lookedAt().getFirst();
        assertThat(Files.readString(shown)).startsWith("<!doctype html>").contains("usemap");
        assertThat(shown.getFileName()).hasToString("Hollow Lane.html");
        assertThat(lookup("#begins").tryQuery()).isEmpty();
    }

    @Test
    void whatWasHandedOnLastStandsFirstNextTime() {
        chosenFiles.add(folder.resolve("links"));
        press("#save-links");
        until(() -> Files.exists(folder.resolve("links.csv")));
        press("#page-done");
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.H);
        assertThat(lookup("#save-links").query().localToScreen(0, 0).getY())
                .isLessThan(lookup("#save-html").query().localToScreen(0, 0).getY());
    }
}
