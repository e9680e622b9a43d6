package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.whole.VersionEdits;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** Another's changes are brought in, with what both changed side by side to choose from. */
class MergingTest extends WindowTest {

    @TempDir
    Path folder;

    private Path base = Path.of("");
    private Path theirs = Path.of("");

    @BeforeEach
    void openTheSample() throws Exception {
        openSample();
        // No version that both keep says yet what they began from.
        interact(() -> opened.work().edit(Edit.of("keep no version", p -> p.withVersions(List.of()))));
        base = saved("base.pandel", prototype());
        Prototype other = ScreenEdits.rename(screen("Tool"), "Their tool").applyTo(prototype());
        other = ScreenEdits.rename(screen("Loan"), "Their loan").applyTo(other);
        other = ScreenEdits.add(List.of(Screen.page("fines-xyz", "Fines"))).applyTo(other);
        theirs = saved("theirs.pandel", other);
    }

    private Path saved(String name, Prototype made) throws Exception {
        Path file = folder.resolve(name);
        try (PictureShelf shelf = new PictureShelf()) {
            shelf.add(PrototypeFile.open(offered()).pictures());
            PrototypeSaving.toFile(made, file, shelf);
        }
        return file;
    }

    private void merge() {
        interact(() -> opened.window().run("merge"));
        settle();
    }

    @Test
    void whatBothChangedIsChosenAndAllElseComesIn() {
        interact(() -> opened.work().edit(ScreenEdits.rename(screen("Tool"), "My tool")));
        chosenFiles.add(theirs);
        chosenFiles.add(base);
        merge();
        assertRead("From which file did both begin?");
        clickOn("Choose it…");
        until(() -> lookup("#merge-take").tryQuery().isPresent());
        settle();
        assertRead("Both changed this", "mine: “My tool”", "theirs: “Their tool”", "“Fines” is new.");
        shot("merge");
        press("#merge-0-theirs");
        press("#merge-take");
        until(() -> prototype().screens().stream().anyMatch(s -> s.title().equals("Fines")));
        settle();
        assertThat(prototype().screens())
                .extracting(Screen::title)
                .contains("Their tool", "Their loan", "Fines")
                .doesNotContain("My tool");
        interact(() -> opened.work().undo());
        assertThat(prototype().screens()).extracting(Screen::title).contains("My tool", "Loan");
    }

    @Test
    void aVersionThatBothKeepIsWhatTheyBeganFrom() throws Exception {
        Prototype sent = VersionEdits.keep("Sent on Monday", "2026-05-04", new Naming(n -> 2))
                .applyTo(prototype());
        theirs = saved(
                "theirs.pandel",
                ScreenEdits.rename(screen("Loan"), "Their loan").applyTo(sent));
        interact(() -> opened.work().edit(VersionEdits.keep("Sent on Monday", "2026-05-04", new Naming(n -> 2))));
        chosenFiles.add(theirs);
        merge();
        until(() -> lookup("#merge-take").tryQuery().isPresent());
        settle();
        assertRead("Both began from the version “Sent on Monday”, which both keep.");
        press("#merge-take");
        until(() -> prototype().screens().stream().anyMatch(s -> s.title().equals("Their loan")));
    }

    @Test
    void whatHasNothingNewIsSaid() {
        chosenFiles.add(base);
        chosenFiles.add(base);
        merge();
        clickOn("Choose it…");
        settle();
        assertRead("“base.pandel” has nothing that is not here already.");
    }
}
