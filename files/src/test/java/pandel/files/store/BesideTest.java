package pandel.files.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files written beside the ones they replace, marks on open ones, and how a file was when last looked at. */
class BesideTest {

    @TempDir
    private Path folder;

    private static void save(Path file, String text) throws IOException {
        try (Beside beside = Beside.of(file)) {
            beside.write(text.getBytes(java.nio.charset.StandardCharsets.UTF_8));
            beside.flush();
            beside.replace();
        }
    }

    @Test
    void theOldFileIsThereUntilTheNewOneIsWhole() throws IOException {
        Path file = Files.writeString(folder.resolve("lane.pandel"), "old");
        try (Beside beside = Beside.of(file)) {
            beside.write("half".getBytes(java.nio.charset.StandardCharsets.UTF_8));
            assertThat(file).hasContent("old");
            assertThat(beside.target()).isEqualTo(file);
        }
        assertThat(file).hasContent("old");
        try (var left = Files.list(folder)) {
            assertThat(left).containsExactly(file);
        }
        save(file, "new");
        assertThat(file).hasContent("new");
    }

    @Test
    void aLinkStaysALinkAndItsRightsStay() throws IOException {
        Path real = Files.writeString(folder.resolve("real.pandel"), "old");
        Files.setPosixFilePermissions(real, PosixFilePermissions.fromString("rw-r-----"));
        Path link = Files.createSymbolicLink(folder.resolve("link.pandel"), Path.of("real.pandel"));
        save(link, "new");
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(real).hasContent("new");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(real)))
                .isEqualTo("rw-r-----");
        try (Beside beside = Beside.inPlaceOf(link)) {
            assertThat(beside.target()).isEqualTo(link);
        }
    }

    @Test
    void linksThatLeadRoundAreRefused() throws IOException {
        Path a = folder.resolve("a");
        Files.createSymbolicLink(a, Path.of("b"));
        Files.createSymbolicLink(folder.resolve("b"), Path.of("a"));
        assertThatThrownBy(() -> Beside.of(a))
                .isInstanceOf(FileSystemException.class)
                .hasMessageContaining("leads round in a circle");
    }

    @Test
    void whatAnEndedProgramLeftIsSweptAwayAfterADayAndNothingElseIs() throws IOException {
        Path left = Files.createFile(folder.resolve(".pandel-" + UUID.randomUUID() + ".part"));
        Path young = Files.createFile(folder.resolve(".pandel-" + UUID.randomUUID() + ".part"));
        Path other = Files.createFile(folder.resolve(".pandel-mine.part"));
        FileTime old = FileTime.from(Instant.now().minus(Duration.ofDays(3)));
        Files.setLastModifiedTime(left, old);
        Files.setLastModifiedTime(other, old);
        save(folder.resolve("lane.pandel"), "x");
        assertThat(left).doesNotExist();
        assertThat(young).exists();
        assertThat(other).exists();
    }

    @Test
    void aRootIsNoFile() {
        assertThatThrownBy(() -> Beside.of(Path.of("/")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("is no file");
    }

    @Test
    void twoWindowsDoNotWorkOnOneFile() throws IOException {
        Path marks = folder.resolve("marks");
        Path file = folder.resolve("lane.pandel");
        OpenMark first = OpenMark.on(file, marks).orElseThrow();
        assertThat(OpenMark.on(file, marks)).isEmpty();
        assertThat(OpenMark.on(folder.resolve(".").resolve("lane.pandel"), marks))
                .isEmpty();
        OpenMark other = OpenMark.on(folder.resolve("other.pandel"), marks).orElseThrow();
        first.close();
        OpenMark again = OpenMark.on(file, marks).orElseThrow();
        again.close();
        other.close();
        OpenMark.NONE.close();
    }

    @Test
    void aFileWrittenBySomebodyElseHasAnotherStamp() throws IOException {
        Path file = folder.resolve("lane.pandel");
        assertThat(FileStamp.of(file)).isEmpty();
        assertThat(FileStamp.now(file)).isEqualTo(FileStamp.NONE);
        save(file, "one");
        FileStamp stamp = FileStamp.now(file);
        assertThat(FileStamp.now(file)).isEqualTo(stamp);
        save(file, "two");
        assertThat(FileStamp.now(file)).isNotEqualTo(stamp);
        Path unpacked = Files.createDirectory(folder.resolve("unpacked"));
        assertThat(FileStamp.of(unpacked)).isEmpty();
        Files.writeString(unpacked.resolve(PrototypeFile.JSON), "{}");
        assertThat(FileStamp.of(unpacked)).isPresent();
    }

    @Test
    void aStreamThatGoesOnTooLongIsRefused() throws IOException {
        byte[] bytes = new byte[100];
        try (Capped enough = new Capped(new ByteArrayInputStream(bytes), 100)) {
            assertThat(enough.readAllBytes()).hasSize(100);
            assertThat(enough.read()).isEqualTo(-1);
        }
        try (Capped tooLong = new Capped(new ByteArrayInputStream(bytes), 99)) {
            assertThatThrownBy(tooLong::readAllBytes).isInstanceOf(IOException.class);
        }
        try (Capped one = new Capped(new ByteArrayInputStream(bytes), 1)) {
            assertThat(one.read()).isZero();
            assertThatThrownBy(one::read).isInstanceOf(IOException.class);
        }
    }
}
