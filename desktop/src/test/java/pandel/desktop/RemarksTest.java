package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.model.remark.Remark;
import pandel.files.remark.RemarksFile;

/** Remarks are written, read where they are pinned, settled, found, and taken in from a file. */
class RemarksTest extends WindowTest {

    private static final String LOANS = "loans-njf";

    @TempDir
    Path folder;

    @Override
    Path offered() {
        return framedSample();
    }

    private String played() {
        return opened.window().played().orElseThrow().screen();
    }

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private void goTo(String screen) {
        interact(() -> opened.work().selection().choose(screen));
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
    }

    private Remark last() {
        return prototype().remarks().getLast();
    }

    @Test
    void oneIsPinnedToTheChosenHotspotAndSeenThere() {
        goTo(LOANS);
        assertRead("Can what is due today come first?", "Teo Barr, hotspot Hand drill");
        interact(() -> opened.work().selection().chooseHotspot("four-person-tent-hht"));
        shot("remarks-desk");
        keys(KeyCode.CONTROL, KeyCode.M);
        clickOn("#remark-words");
        write("Could the tent have a photo?");
        shot("remark-write");
        doubleClickOn("#remark-by");
        write("Ada");
        clickOn("#remark-pin");
        settle();
        assertThat(last().hotspot()).contains("four-person-tent-hht");
        assertThat(last().words()).isEqualTo("Could the tent have a photo?");
        assertThat(last().by()).isEqualTo("Ada");
        assertRead("Could the tent have a photo?", "Ada, hotspot Four-person tent");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().remarks()).noneMatch(r -> r.by().equals("Ada"));
        keys(KeyCode.CONTROL, KeyCode.M);
        assertThat(lookup("#remark-by").queryTextInputControl().getText())
                .as("one types one's name once")
                .isEqualTo("Ada");
    }

    @Test
    void oneIsReadSettledAndOpenedAgain() {
        goTo(LOANS);
        Remark first = prototype().remarks().getFirst();
        clickOn("#remark-" + first.id());
        settle();
        assertRead("Mira Oland, 2026-05-02");
        shot("remark-read");
        clickOn("#remark-settle");
        settle();
        assertThat(prototype().remarks().getFirst().settled()).isTrue();
        assertThat(lookup("#remark-" + first.id()).tryQuery()).as("on the desk").isEmpty();
        assertRead("one is settled");
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.R);
        shot("remarks-page");
        clickOn("#settle-" + first.id());
        settle();
        assertThat(prototype().remarks().getFirst().settled()).isFalse();
    }

    @Test
    void aMomentOfAPlayIsRemarkedAndPlayedUpTo() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        pass(2000);
        String screen = played();
        keys(KeyCode.CONTROL, KeyCode.M);
        clickOn("#remark-words");
        write("So long?");
        keys(KeyCode.CONTROL, KeyCode.ENTER);
        settle();
        assertThat(last().screen()).isEqualTo(screen);
        assertThat(last().step().orElseThrow().events()).isNotEmpty();
        assertRead("So long?");
        shot("remarks-play");
        keys(KeyCode.HOME);
        assertThat(played()).isNotEqualTo(screen);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.R);
        clickOn("#show-" + last().id());
        settle();
        for (int i = 0; i < 10 && !played().equals(screen); i++) {
            pass(2000);
        }
        assertThat(played()).isEqualTo(screen);
    }

    @Test
    void oneIsFoundByItsWords() {
        keys(KeyCode.CONTROL, KeyCode.F);
        write("go home, not back");
        settle();
        assertRead("From here I would go home, not back to the list.");
        keys(KeyCode.ENTER);
        settle();
        assertRead("Teo Barr, 2026-05-06");
        clickOn("#remark-remove");
        settle();
        assertThat(prototype().remarks()).hasSize(4);
    }

    @Test
    void thoseOfAFileAreTakenInHoweverOften() throws Exception {
        Path file = folder.resolve("of a client.json");
        Remark there = Remark.on(LOANS, "r-1", "Nice", "Client", "2026-06-01T10:00:00Z");
        Remark lost = Remark.on("gone", "r-2", "And this page?", "Client", "2026-06-01T10:01:00Z");
        Files.writeString(file, new RemarksFile("Hollow Lane", List.of(there, lost)).text(), StandardCharsets.UTF_8);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.R);
        for (int i = 0; i < 2; i++) {
            chosenFiles.add(file);
            clickOn("#take-remarks");
            until(() -> prototype().remarks().size() == 7);
            settle();
        }
        assertRead("1 without a place", "Its screen “gone” is not there any more.");
        shot("remarks-taken");
        assertThat(prototype().remarks()).hasSize(7);
        Path out = folder.resolve("out.json");
        chosenFiles.add(out);
        clickOn("#save-remarks");
        until(() -> Files.exists(out));
        settle();
        assertThat(RemarksFile.read(out).remarks()).isEqualTo(prototype().remarks());
    }

    @Test
    void aFileThatHoldsNoneIsToldAndNothingChanges() throws Exception {
        Path file = folder.resolve("other.json");
        Files.writeString(file, "{\"format\": \"pandel/1\"}");
        chosenFiles.add(file);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.R);
        clickOn("#take-remarks");
        settle();
        assertRead("“other.json” holds no remarks");
        assertThat(prototype().remarks()).hasSize(5);
    }
}
