package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Arrays;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.store.OpenMark;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** New, open, save, and nothing lost. */
class KeepTest extends WindowTest {

    @TempDir
    private Path folder;

    private void renameFirst(String title) {
        keys(KeyCode.F2);
        write(title);
        keys(KeyCode.ENTER);
    }

    @Test
    void unsavedWorkIsAskedAboutBeforeItGoes() throws Exception {
        openSample();
        assertRead("not in a file yet");
        renameFirst("Changed");
        assertRead("unsaved changes");
        keys(KeyCode.CONTROL, KeyCode.N);
        assertRead("“Hollow Lane” has changes that are not saved.", "Save them", "Lose them", "Keep working");
        shot("unsaved");
        keys(KeyCode.ESCAPE);
        assertThat(prototype().screens()).hasSize(30);
        keys(KeyCode.CONTROL, KeyCode.N);
        Path file = folder.resolve("kept.pandel");
        chosenFiles.add(file);
        clickOn("Save them");
        until(() -> prototype().screens().isEmpty());
        assertThat(PrototypeFile.open(file).prototype().screens().getFirst().title())
                .isEqualTo("Changed");
        // Nothing is asked when nothing would be lost.
        chosenFiles.add(file);
        keys(KeyCode.CONTROL, KeyCode.O);
        until(() -> prototype().screens().size() == 30);
    }

    @Test
    void savingClearsTheMarkAndUndoneToTheSavedStateItIsClearAgain() {
        openSample();
        chosenFiles.add(folder.resolve("a.pandel"));
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
        until(() -> opened.work().keptProperty().get().isPresent());
        settle();
        assertRead("saved ");
        renameFirst("X");
        assertRead("unsaved changes");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(read()).doesNotContain("unsaved changes");
        renameFirst("Y");
        keys(KeyCode.CONTROL, KeyCode.S);
        until(() -> opened.work().isSaved());
        assertThat(chosenFiles).isEmpty();
    }

    @Test
    void aFolderIsSavedAndOpenedAlike() throws Exception {
        openSample();
        Prototype before = prototype();
        Path target = Files.createDirectory(folder.resolve("plain"));
        chosenFiles.add(target);
        clickOn("#name");
        settle();
        shot("menu");
        clickOn("#menu-save-folder");
        until(() -> opened.work().keptProperty().get().isPresent());
        assertThat(target.resolve("prototype.json")).exists();
        assertThat(target.resolve("pictures"))
                .isDirectoryContaining(p -> p.toString().endsWith(".png"));
        keys(KeyCode.CONTROL, KeyCode.N);
        until(() -> prototype().screens().isEmpty());
        chosenFiles.add(target);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.O);
        until(() -> prototype().equals(before));
    }

    @Test
    void aFileCutShortIsSaidToBeSoAndWhatIsOpenStays() throws Exception {
        openSample();
        Path cut = folder.resolve("cut.pandel");
        Files.write(cut, Arrays.copyOf(Files.readAllBytes(sample()), 5000));
        chosenFiles.add(cut);
        keys(KeyCode.CONTROL, KeyCode.O);
        until(() -> read().contains(
                        "“cut.pandel” cannot be opened. It is cut short or damaged; take an earlier copy of it."));
        clickOn("Go on");
        assertThat(prototype().screens()).hasSize(30);
    }

    @Test
    void aPictureThatCannotBeDrawnShowsAsSuchAndEverythingElseIsAlive() throws Exception {
        Path file = folder.resolve("costly.pandel");
        byte[] costly =
                ("<svg xmlns='http://www.w3.org/2000/svg' width='390' height='844'><filter id='f'><feGaussianBlur "
                                + "stdDeviation='3000'/></filter><rect filter='url(#f)' width='9' height='9'/></svg>")
                        .getBytes(java.nio.charset.StandardCharsets.UTF_8);
        try (PictureShelf shelf = new PictureShelf()) {
            String content = shelf.take(costly, "svg");
            Picture picture = new Picture(Width.NARROW, content, 1170, 2532, 3, "help.svg", Rest.NONE);
            PrototypeSaving.toFile(
                    Prototype.empty("Costly")
                            .withScreens(List.of(
                                    Screen.page("help", "Help").withMocks(List.of(picture)),
                                    Screen.page("desk", "Desk"))),
                    file,
                    shelf);
        }
        chosenFiles.add(file);
        keys(KeyCode.CONTROL, KeyCode.O);
        until(() -> read().contains("Its picture cannot be shown."));
        shot("cannot-be-shown");
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        keys(KeyCode.CONTROL, KeyCode.DIGIT1);
        renameFirst("Help desk");
        assertThat(prototype().screens().getFirst().title()).isEqualTo("Help desk");
    }

    @Test
    void whatNobodyForesawIsToldInOneSentence() {
        openSample();
        interact(() -> opened.window().failed("do that", new IllegalStateException("inside")));
        assertRead("Could not do that, for a reason nobody foresaw. Your work is still open; what happened stands in ");
        assertThat(read()).doesNotContain("IllegalState");
        assertThat(prototype().screens()).hasSize(30);
    }

    @Test
    void enterAndEscapeDoNoHarmToAFileChangedOutside() throws Exception {
        Path file = openOwn("a.pandel");
        renameFirst("Mine");
        Prototype other = PrototypeFile.open(sample()).prototype();
        Files.copy(sample(), file, StandardCopyOption.REPLACE_EXISTING);
        byte[] theirs = Files.readAllBytes(file);
        keys(KeyCode.CONTROL, KeyCode.S);
        until(() -> read().contains("Save over it"));
        chosenFiles.add(folder.resolve("mine.pandel"));
        keys(KeyCode.ENTER);
        until(() -> opened.work().isSaved());
        assertThat(Files.readAllBytes(file)).isEqualTo(theirs);
        assertThat(PrototypeFile.open(folder.resolve("mine.pandel"))
                        .prototype()
                        .screens()
                        .getFirst()
                        .title())
                .isEqualTo("Mine");
        // Seen when the window comes to the front, with changes that are not saved: Enter keeps them.
        renameFirst("Still mine");
        Files.copy(sample(), folder.resolve("mine.pandel"), StandardCopyOption.REPLACE_EXISTING);
        interact(() -> opened.window().lookOutside());
        assertRead(
                "“mine.pandel” was changed by another program.",
                "Your changes since the last save are not in it.",
                "Load it again");
        shot("changed-while-unsaved");
        keys(KeyCode.ENTER);
        assertThat(prototype().screens().getFirst().title()).isEqualTo("Still mine");
        assertThat(other.screens().getFirst().title()).isNotEqualTo("Still mine");
    }

    @Test
    void whatCannotBeSavedIsSaidAndStaysOpen() {
        openSample();
        renameFirst("Z");
        chosenFiles.add(folder.resolve("no").resolve("such").resolve("place.pandel"));
        keys(KeyCode.CONTROL, KeyCode.S);
        until(() -> read().contains("could not be saved in"));
        clickOn("Go on");
        assertThat(opened.work().isSaved()).isFalse();
        assertThat(prototype().screens().getFirst().title()).isEqualTo("Z");
    }

    @Test
    void theKeysArePageOfTheirOwnAndTheLookTurns() {
        openSample();
        keys(KeyCode.F1);
        assertRead("Keys", "Everywhere", "Ctrl+S", "Walk to where it leads", "Device back");
        shot("keys");
        keys(KeyCode.ESCAPE);
        assertThat(read()).doesNotContain("Everywhere");
        keys(KeyCode.CONTROL, KeyCode.L);
        assertThat(stage.getScene().getStylesheets().getFirst()).endsWith("night.css");
        keys(KeyCode.CONTROL, KeyCode.L);
        assertThat(stage.getScene().getStylesheets().getFirst()).endsWith("day.css");
    }

    @Test
    void thePrototypeIsRenamedAndItsDevicesChosen() {
        openSample();
        clickOn("#name");
        clickOn("#menu-rename");
        settle();
        write("Lane");
        keys(KeyCode.ENTER);
        assertThat(prototype().title()).isEqualTo("Lane");
        clickOn("#device");
        settle();
        shot("devices");
        clickOn("#devices-page");
        settle();
        clickOn("#more-devices");
        settle();
        clickOn("Kiosk, 1000 × 1800 px");
        settle();
        assertThat(prototype().devices())
                .extracting(d -> d.id())
                .containsExactly("phone", "small-phone", "tablet", "kiosk");
        clickOn("#page-done");
        settle();
        clickOn("#device");
        clickOn("Small phone, 360 × 640, back swipe");
        settle();
        assertThat(opened.work().device().id()).isEqualTo("small-phone");
        assertRead("Small phone");
    }

    /** Opens a copy of the sample as a file of one's own. */
    private Path openOwn(String name) throws IOException {
        Path file = folder.resolve(name);
        Files.copy(sample(), file);
        chosenFiles.add(file);
        keys(KeyCode.CONTROL, KeyCode.O);
        until(() -> prototype().screens().size() == 30);
        settle();
        return file;
    }

    @Test
    void anotherFilePutInItsPlaceTakesNoPictureAway() throws Exception {
        Path file = openOwn("a.pandel");
        renameFirst("Mine");
        Path other = file.resolveSibling("other");
        Files.write(other, new byte[] {1, 2, 3});
        Files.move(other, file, StandardCopyOption.REPLACE_EXISTING);
        keys(KeyCode.CONTROL, KeyCode.S);
        until(() -> read().contains("Save over it"));
        clickOn("Save over it");
        until(() -> opened.work().isSaved());
        assertThat(PrototypeFile.open(file).missing()).isEmpty();
    }

    @Test
    void aFileChangedOutsideIsNotWrittenOverUnasked() throws Exception {
        Path file = openOwn("a.pandel");
        renameFirst("Mine");
        Files.write(file, new byte[] {1, 2, 3});
        keys(KeyCode.CONTROL, KeyCode.S);
        until(() -> read().contains("was changed by another program since it was opened."));
        shot("changed-outside");
        clickOn("Do not save now");
        settle();
        assertThat(Files.size(file)).isEqualTo(3);
        keys(KeyCode.CONTROL, KeyCode.S);
        until(() -> read().contains("Save over it"));
        clickOn("Save over it");
        // What was written over the file took its pictures with it; that is asked about too before anything is lost.
        until(() -> read().contains(
                        "pictures cannot be read any more: another program wrote over the file it was opened from"));
        shot("pictures-gone");
        clickOn("Save without them");
        until(() -> opened.work().isSaved());
        assertThat(PrototypeFile.open(file).prototype().screens().getFirst().title())
                .isEqualTo("Mine");
        // Looked at again when the window comes to the front.
        Prototype other = PrototypeFile.open(sample()).prototype();
        Files.copy(sample(), file, StandardCopyOption.REPLACE_EXISTING);
        interact(() -> opened.window().lookOutside());
        assertRead("“a.pandel” was changed by another program.");
        clickOn("Load it again");
        until(() -> prototype()
                .screens()
                .getFirst()
                .title()
                .equals(other.screens().getFirst().title()));
    }

    @Test
    void aFileOpenInAnotherWindowIsNotSavedOver() throws Exception {
        Path file = folder.resolve("b.pandel");
        Files.copy(sample(), file);
        try (OpenMark elsewhere = OpenMark.on(file, preferences.resolve("open")).orElseThrow()) {
            assertThat(elsewhere).isNotNull();
            chosenFiles.add(file);
            keys(KeyCode.CONTROL, KeyCode.O);
            until(() -> prototype().screens().size() == 30);
            settle();
            assertRead("“b.pandel” is open in another window too.");
            clickOn("Go on");
            assertThat(opened.work().keptProperty().get()).isEmpty();
            renameFirst("Here");
            chosenFiles.add(file);
            keys(KeyCode.CONTROL, KeyCode.S);
            until(() -> read().contains("save under another name"));
        }
        chosenFiles.add(file);
        keys(KeyCode.CONTROL, KeyCode.S);
        until(() -> opened.work().isSaved());
        assertThat(PrototypeFile.open(file).prototype().screens().getFirst().title())
                .isEqualTo("Here");
    }

    @Test
    void aReadOnlyFileStaysAsItIsAndTheWorkStaysOpen() throws Exception {
        Path file = openOwn("c.pandel");
        byte[] before = Files.readAllBytes(file);
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        renameFirst("Changed");
        keys(KeyCode.CONTROL, KeyCode.S);
        until(() -> read().contains("it is read-only. Your work is still open; save it elsewhere."));
        shot("read-only");
        clickOn("Go on");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
        assertRead("unsaved changes");
    }
}
