package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Picture;

/** New pictures come every week; none of that costs a link. */
class ReplaceTest extends WindowTest {

    private static final Path NEXT_WEEK =
            Path.of("..", "samples", "pictures-next-week").toAbsolutePath().normalize();

    @TempDir
    private Path folder;

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private void compareNextWeek() {
        chosenFiles.add(NEXT_WEEK);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.I);
        until(() -> read().contains("Pictures that came, and those they replace"));
        settle();
    }

    private String source(String title) {
        return ((Picture) screen(title).mocks().getFirst()).source();
    }

    @Test
    void aWholeFolderIsReplacedAndNoHotspotAndNoLinkIsLost() {
        Prototype before = prototype();
        compareNextWeek();
        assertRead(
                "changed  3",
                "renamed  1",
                "new  1",
                "gone  1",
                "same  25",
                "Replace 4, add 1",
                "Gets the new picture.",
                "04_tool@2x.png  →  04_one-tool@2x.png",
                "Becomes a new screen.");
        shot("replace");
        clickOn("#kind-renamed");
        settle();
        assertRead("Keeps its picture: none came for it.");
        clickOn("#compare-" + screen("Loans").id());
        settle();
        Slider slider = lookup("#compare-slider").query();
        assertThat(slider.isFocused()).isTrue();
        keys(KeyCode.HOME);
        assertThat(slider.getValue()).isZero();
        keys(KeyCode.END);
        interact(() -> slider.setValue(0.4));
        shot("replace-compare");
        clickOn("#compare-close");
        clickOn("#replace-take");
        until(() -> read().contains("hotspots to look at"));
        settle();
        shot("replace-doubts");
        assertRead(
                "4 pictures were replaced, one screen was added. All "
                        + before.index().hotspots().size() + " hotspots and "
                        + before.index().ways().size() + " links stayed.",
                "on Loans, on changed ground");
        assertThat(prototype().index().hotspots())
                .containsExactlyElementsOf(before.index().hotspots());
        assertThat(prototype().index().ways())
                .extracting(w -> w.link().id())
                .containsExactlyElementsOf(
                        before.index().ways().stream().map(w -> w.link().id()).toList());
        assertThat(source("Tool")).isEqualTo("04_one-tool@2x.png");
        assertThat(screen("Saved tools").mocks()).hasSize(1);
        clickOn("#doubts-later");
        // They are kept until looked at.
        keys(KeyCode.CONTROL, KeyCode.F);
        write("hotspots to look");
        keys(KeyCode.ENTER);
        String first = prototype().index().hotspotsOn(screen("Loans").id()).stream()
                .filter(h -> h.title().equals("Four-person tent"))
                .findFirst()
                .orElseThrow()
                .id();
        clickOn("#doubt-" + first);
        settle();
        assertThat(opened.work().selection().hotspots()).containsExactly(first);
        assertRead("Ways out");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype()).isEqualTo(before);
    }

    @Test
    void whatWasFoundIsCorrected() {
        compareNextWeek();
        clickOn("#kind-changed");
        clickOn("#else-" + screen("Tool").id());
        clickOn("They are two screens");
        settle();
        assertRead("gone  2", "new  2", "Replace 3, add 2");
        String fresh = "one-tool";
        clickOn(lookup(n -> n.getId() != null && n.getId().startsWith("else-" + fresh))
                .<javafx.scene.Node>query());
        shot("replace-else");
        clickOn("It is a newer “Report damage”");
        settle();
        assertRead("renamed  1", "new  1");
        clickOn("#kind-changed");
        clickOn("#else-" + screen("Loans").id());
        clickOn("Keep the old picture");
        settle();
        assertRead("Keeps its old picture.", "Replace 3, add 1");
        clickOn("#kind-changed");
        clickOn("#else-" + screen("Tool").id());
        clickOn("Remove the screen");
        settle();
        assertRead("The screen goes, and the links to it.", "Replace 3, add 1, remove 1");
        clickOn("#kind-gone");
        clickOn("#kind-new");
        clickOn("#kind-renamed");
        clickOn("#kind-same");
        settle();
        assertRead("Stays as it is.");
        clickOn("#replace-leave");
        settle();
        assertThat(opened.work().isSaved()).isTrue();
    }

    @Test
    void onePictureOfOneScreenIsReplacedFromItsMenu() {
        chosenFiles.add(NEXT_WEEK.resolve("09_loans@2x.png"));
        clickOn(card("Tools"), MouseButton.SECONDARY);
        clickOn("Newer picture…");
        until(() -> read().contains("Replace 1"));
        clickOn("#replace-take");
        until(() -> source("Tools").equals("09_loans@2x.png"));
        until(() -> read().contains("hotspots to look at"));
        clickOn("#doubts-all");
        settle();
        assertThat(read()).doesNotContain("hotspots to look at");
    }

    @Test
    void droppedFilesOfTheSameNamesAreComparedOthersTakenIn() throws IOException {
        interact(() -> opened.window().dropped(List.of(NEXT_WEEK)));
        until(() -> read().contains("Pictures that came, and those they replace"));
        clickOn("#replace-leave");
        Path other = folder.resolve("quite another.png");
        Files.copy(NEXT_WEEK.resolve("31_saved-tools@2x.png"), other);
        interact(() -> opened.window().dropped(List.of(other)));
        until(() -> prototype().screens().size() == 31);
        assertThat(screen("Quite another").mocks()).hasSize(1);
    }

    @Test
    void aWatchedFolderOffersWhatChangesAtOnce() throws Exception {
        Path exports = Files.createDirectory(folder.resolve("exports"));
        for (Path picture : PlainSample.pictures()) {
            Files.copy(picture, exports.resolve(picture.getFileName()));
        }
        chosenFiles.add(exports);
        interact(() -> opened.window().run("watch"));
        until(() -> read().contains("“exports” is watched"));
        hold(20_000);
        // Half a picture is no picture yet.
        byte[] whole = Files.readAllBytes(NEXT_WEEK.resolve("09_loans@2x.png"));
        Files.write(exports.resolve("09_loans@2x.png"), java.util.Arrays.copyOf(whole, 5000));
        Files.write(
                exports.resolve("12_bring-it-back@2x.png"),
                Files.readAllBytes(NEXT_WEEK.resolve("12_bring-it-back@2x.png")));
        until(() -> read().contains("One picture is newer in “exports”."));
        clickOn("#offer-leave");
        Files.copy(
                exports.resolve("01_splash@2x.png"),
                exports.resolve("12_bring-it-back@2x.png"),
                java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        Files.copy(
                PlainSample.pictures().stream()
                        .filter(p -> p.endsWith("12_bring-it-back@2x.png"))
                        .findFirst()
                        .orElseThrow(),
                exports.resolve("12_bring-it-back@2x.png"),
                java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        Files.write(exports.resolve("09_loans@2x.png"), whole);
        until(() -> read().contains("One picture is newer in “exports”."));
        shot("watched");
        clickOn("#offer-take");
        until(() -> read().contains("changed  1"));
        clickOn("#replace-take");
        until(() -> read().contains("hotspots to look at"));
        clickOn("#doubts-all");
        try (var files = Files.list(exports)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(exports);
        until(() -> read().contains("is not there any more, so it is no longer watched."));
    }
}
