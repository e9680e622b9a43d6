package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.files.settings.Preferences;
import pandel.files.settings.PreferencesFile;
import pandel.files.settings.WindowPlace;
import pandel.files.store.FileStamp;
import pandel.files.store.OpenMark;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** Saving when the disk, the file or another window is in the way; preferences. */
class SavingTest {

    private static final Path SAMPLE = Path.of("..", "samples", "hollow-lane.pandel");

    @TempDir
    private Path folder;

    @Test
    void aFullDiskLosesNothing() throws Exception {
        PrototypeFile.Opened sample = PrototypeFile.open(SAMPLE);
        try (PictureShelf shelf = new PictureShelf();
                FileSystem small = Jimfs.newFileSystem(
                        Configuration.unix().toBuilder().setMaxSize(120_000).build())) {
            shelf.add(sample.pictures());
            Path file = small.getPath("/work/lane.pandel");
            byte[] before = "the file as it was".getBytes(StandardCharsets.UTF_8);
            Files.write(file, before);
            assertThatThrownBy(() -> PrototypeSaving.toFile(sample.prototype(), file, shelf))
                    .isInstanceOf(Unreadable.class)
                    .hasMessageContaining("“lane.pandel” could not be saved")
                    .hasMessageContaining("there is no room left on the disk");
            assertThat(Files.readAllBytes(file)).isEqualTo(before);
            try (Stream<Path> there = Files.list(file.getParent())) {
                assertThat(there.map(p -> p.getFileName().toString())).containsExactly("lane.pandel");
            }
        }
    }

    @Test
    void aReadOnlyFileIsNotReplaced() throws Exception {
        PrototypeFile.Opened sample = PrototypeFile.open(SAMPLE);
        Path file = folder.resolve("kept.pandel");
        Files.writeString(file, "kept");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        try (PictureShelf shelf = new PictureShelf()) {
            assertThatThrownBy(() -> PrototypeSaving.toFile(sample.prototype(), file, shelf))
                    .isInstanceOf(Unreadable.class)
                    .hasMessageContaining("it is read-only");
        }
        assertThat(file).hasContent("kept");
    }

    @Test
    void aMarkedFileIsSeenAsOpenUntilItIsLetGo() throws Exception {
        Path file = Files.writeString(folder.resolve("a.pandel"), "a");
        Path marks = folder.resolve("marks");
        OpenMark first = OpenMark.on(file, marks).orElseThrow();
        assertThat(OpenMark.on(folder.resolve(".").resolve("a.pandel"), marks)).isEmpty();
        first.close();
        try (OpenMark second = OpenMark.on(file, marks).orElseThrow()) {
            assertThat(second).isNotEqualTo(first);
        }
    }

    @Test
    void aStampChangesWithTheFile() throws Exception {
        Path file = Files.writeString(folder.resolve("a.pandel"), "a");
        FileStamp before = FileStamp.of(file).orElseThrow();
        assertThat(FileStamp.of(file)).contains(before);
        Files.writeString(file, "ab");
        assertThat(FileStamp.of(file)).isNotEmpty().isNotEqualTo(Optional.of(before));
        assertThat(FileStamp.of(folder.resolve("nowhere"))).isEmpty();
    }

    @Test
    void preferencesAreKeptAndDamagedOnesAreTheUsualOnes() throws Exception {
        PreferencesFile file = new PreferencesFile(folder.resolve("deep").resolve("preferences.json"));
        assertThat(file.read()).isEqualTo(Preferences.USUAL);
        Preferences mine = Preferences.USUAL
                .withLook(Preferences.LookWish.NIGHT)
                .reading(320)
                .measured(4.25)
                .opened(folder.resolve("x.pandel"));
        file.write(mine);
        assertThat(file.read()).isEqualTo(mine);
        Files.writeString(file.path(), "{\"look\": 7, \"wordsAMinute\": 99999, \"dotsAMillimetre\": -3}");
        assertThat(file.read())
                .isEqualTo(new Preferences(
                        Preferences.LookWish.SYSTEM,
                        Preferences.FASTEST,
                        OptionalDouble.empty(),
                        List.of(),
                        Optional.empty(),
                        "",
                        false,
                        "",
                        "",
                        100));
        file.write(mine.withText(150).named("Mira").handedOn("pdf"));
        assertThat(file.read().text()).isEqualTo(150);
        assertThat(file.read().handed()).isEqualTo("pdf");
        assertThat(file.read().name()).as("by which remarks are signed").isEqualTo("Mira");
        Files.writeString(file.path(), "{\"text\": 900}");
        assertThat(file.read().text()).as("a size that cannot be chosen").isEqualTo(100);
        file.write(mine.withCards("large"));
        assertThat(file.read().cards()).isEqualTo("large");
        file.write(mine.led(true));
        assertThat(file.read().led()).isTrue();
        WindowPlace place = new WindowPlace(-20, 40.5, 1280, 800, true);
        file.write(mine.left(place));
        assertThat(file.read().window()).contains(place);
        Files.writeString(file.path(), "{\"window\": {\"width\": -4, \"height\": 1e300}}");
        assertThat(file.read().window()).isEmpty();
        Files.writeString(file.path(), "{{{");
        assertThat(file.read()).isEqualTo(Preferences.USUAL);
        assertThat(mine.opened(folder.resolve("y.pandel"))
                        .opened(folder.resolve("x.pandel"))
                        .recent())
                .containsExactly(folder.resolve("x.pandel"), folder.resolve("y.pandel"));
    }
}
