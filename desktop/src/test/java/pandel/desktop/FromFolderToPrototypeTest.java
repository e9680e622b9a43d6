package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Form;
import pandel.files.store.PrototypeFile;

/** One sitting: from the bare folder to a linked, played, checked, saved, reopened prototype. */
class FromFolderToPrototypeTest extends WindowTest {

    @TempDir
    private Path folder;

    @Test
    void oneSitting() throws Exception {
        assertRead("Nothing here yet", "Pictures from a folder…");
        shot("empty");
        gather();
        linkIt();
        playIt();
        checkIt();
        saveAndReopen();
    }

    private void gather() {
        chosenFiles.add(Path.of("..", "samples", "pictures"));
        clickOn("Pictures from a folder…");
        until(() -> prototype().screens().size() == 30);
        settle();
        assertThat(prototype().screens())
                .extracting(s -> s.title())
                .startsWith("Splash", "Sign in", "Tools", "Tool", "How to use it")
                .endsWith("Course", "Your place");
        assertRead("30 screens", "30 pictures were taken in.", "starts");
        assertRead("not linked yet");
        shot("gathered");
        // The sample's folder holds others, with pictures of looks and for other widths.
        assertRead("folders inside hold pictures too.", "Take them too, as sections");
        clickOn("#offer-leave");
    }

    private void linkIt() {
        // Tool is the fourth card; Enter goes to its desk.
        keys(KeyCode.RIGHT);
        keys(KeyCode.RIGHT);
        keys(KeyCode.RIGHT);
        assertThat(opened.work().screen().orElseThrow().title()).isEqualTo("Tool");
        keys(KeyCode.ENTER);
        assertRead("Ways in", "Ways out", "Nothing leads here yet.");
        mark(20, 456, 166, 44);
        assertRead("not shown yet", "Leave it without a link for now");
        shot("finder");
        write("how");
        keys(KeyCode.ENTER);
        assertThat(prototype().index().waysOut(screen("Tool").id())).hasSize(1);
        assertRead("How to use it", "advance to", "as usual: slides along, 280 ms");
        // A new screen, made by naming it.
        link(204, 456, 166, 44, "Ask a neighbour");
        assertThat(screen("Ask a neighbour").mocks()).isEmpty();
        // Walk there by key, link back, and walk back.
        keys(KeyCode.ALT, KeyCode.RIGHT);
        assertThat(opened.work().screen().orElseThrow().title()).isEqualTo("Ask a neighbour");
        link(40, 100, 200, 60, "return");
        assertRead("back to the one screen that leads here");
        keys(KeyCode.ALT, KeyCode.LEFT);
        // Choose dates becomes a sheet, so it opens above.
        interact(
                () -> opened.work().edit(pandel.core.edit.screen.ScreenEdits.form(screen("Choose dates"), Form.SHEET)));
        settle();
        link(20, 664, 350, 52, "choose");
        assertRead("open above", "Choose dates");
        keys(KeyCode.ALT, KeyCode.RIGHT);
        link(330, 24, 46, 46, "close");
        shot("linked");
        // The entry is made Tool, by key in Mocks.
        interact(() -> opened.work().selection().choose(screen("Tool").id()));
        go(1);
        keys(KeyCode.CONTROL, KeyCode.E);
        assertThat(prototype().mainEntry().orElseThrow().target().id())
                .isEqualTo(screen("Tool").id());
    }

    private void playIt() {
        go(4);
        assertRead("Trail", "Possible here", "Nothing has happened yet.");
        tapDevice(100, 480);
        assertThat(opened.window()).isNotNull();
        assertRead("How to use it");
        keys(KeyCode.ESCAPE);
        tapDevice(195, 690);
        assertRead("Tap beside it");
        shot("sheet");
        // Beside the sheet it closes.
        tapDevice(195, 100);
        assertThat(read()).doesNotContain("Tap beside it");
        // A miss says one sentence.
        tapDevice(195, 560);
        assertRead("No hotspot there.");
    }

    private void checkIt() {
        go(5);
        assertRead("“How to use it”");
        Finding onlyBack = opened.work()
                .checked()
                .orElseThrow()
                .findings(Rule.ONLY_DEVICE_BACK)
                .getFirst();
        assertThat(onlyBack.screens()).containsExactly(screen("How to use it").id());
        clickOn(onlyBack.sentence());
        shot("check");
        clickOn("#show-me");
        pass(800);
        pass(800);
        assertRead("Trail");
        assertThat(lookup(".trail-place").queryAll()).hasSize(2);
    }

    private void saveAndReopen() throws Exception {
        Path file = folder.resolve("first.pandel");
        chosenFiles.add(file);
        keys(KeyCode.CONTROL, KeyCode.S);
        until(() -> opened.work().isSaved());
        settle();
        assertRead("saved ");
        Prototype before = prototype();
        assertThat(PrototypeFile.open(file).prototype()).isEqualTo(before);
        keys(KeyCode.CONTROL, KeyCode.N);
        until(() -> prototype().screens().isEmpty());
        chosenFiles.add(file);
        keys(KeyCode.CONTROL, KeyCode.O);
        until(() -> prototype().equals(before));
        assertThat(Files.size(file)).isGreaterThan(10_000);
    }
}
