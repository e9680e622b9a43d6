package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;
import pandel.files.json.VersionTexts;
import pandel.files.store.ChangedOutside;
import pandel.files.store.FileStamp;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** What is saved opens again, in the place and with the rights it had, whoever else writes there. */
class NothingLostTest {

    @TempDir
    private Path folder;

    private static Prototype titled(String title) {
        return Prototype.empty(title).withScreens(List.of(Screen.page("s", title)));
    }

    private void save(Prototype prototype, Path file, Optional<FileStamp> as) throws Exception {
        try (PictureShelf shelf = new PictureShelf()) {
            PrototypeSaving.toFile(prototype, file, shelf, as);
        }
    }

    private void save(Prototype prototype, Path file) throws Exception {
        save(prototype, file, Optional.empty());
    }

    private static Prototype read(String text) throws Exception {
        return PrototypeReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), VersionTexts.NONE);
    }

    @ParameterizedTest
    @ValueSource(strings = {"width", "height", "scale"})
    void aDeviceOfEndlessSizeIsRefusedWhereItIsRead(String field) {
        String text = ("{\"format\": \"pandel/1\", \"title\": \"T\", \"devices\": [{\"id\": \"d\", \"title\": \"D\", "
                        + "\"width\": 400, \"height\": 800, \"scale\": 1, \"back\": \"none\", \"pointing\": "
                        + "\"touch\"}]}")
                .replaceFirst("\"" + field + "\": \\d+", "\"" + field + "\": 1e400");
        assertThatThrownBy(() -> read(text))
                .isInstanceOf(Unreadable.class)
                .hasMessage(
                        "In device 1: “" + field + "” is a number larger than any that can be meant; make it smaller.");
    }

    @Test
    void textAfterTheObjectIsRefusedNotDropped() {
        assertThatThrownBy(() -> read("{\"format\": \"pandel/1\", \"title\": \"T\"} {\"more\": 1}"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("prototype.json is not sound JSON at line 1");
    }

    @Test
    void longTextsAndHalvesOfLettersAreSavedAndOpened() throws Exception {
        Prototype odd = titled("x".repeat(1_500_000))
                .withEntries(List.of(new Entry("e", new Target.ToScreen("s"), Optional.empty(), Rest.NONE)))
                .withScreens(List.of(Screen.page("a\ud83d", "one"), Screen.page("a\ud83e", "two \ude00 \ud83d\ude00")));
        Path file = folder.resolve("odd.pandel");
        save(odd, file);
        assertThat(PrototypeFile.open(file).prototype()).isEqualTo(odd);
    }

    @Test
    void overThirtyThousandPicturesAreSavedAndOpened() throws Exception {
        Path file = folder.resolve("many.pandel");
        int count = 30_001;
        try (PictureShelf shelf = new PictureShelf()) {
            List<Screen> screens = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                String content = shelf.take(Integer.toString(i).getBytes(StandardCharsets.UTF_8), "png");
                screens.add(Screen.page("s" + i, "S")
                        .withMocks(List.of(new Picture(Width.NARROW, content, 10, 10, 1, "", Rest.NONE))));
            }
            PrototypeSaving.toFile(Prototype.empty("Many").withScreens(screens), file, shelf);
        }
        assertThat(PrototypeFile.open(file).missing()).isEmpty();
        assertThat(PrototypeFile.open(file).prototype().screens()).hasSize(count);
    }

    @Test
    void aPrototypeThatPacksTooWellIsStoredAsItIs() throws Exception {
        Prototype alike = Prototype.empty("Alike")
                .withScreens(IntStream.range(0, 12)
                        .mapToObj(i -> Screen.page("s" + i, "a".repeat(1_000_000)))
                        .toList());
        Path file = folder.resolve("alike.pandel");
        save(alike, file);
        assertThat(PrototypeFile.open(file).prototype()).isEqualTo(alike);
    }

    @Test
    void whatCouldNotBeOpenedAgainDoesNotTakeThePlaceOfWhatWasThere() throws Exception {
        Path file = folder.resolve("kept.pandel");
        save(titled("Good"), file);
        Object deep = "x";
        for (int i = 0; i < 80; i++) {
            deep = Map.of("in", deep);
        }
        Prototype tooDeep = titled("Deep").withRest(new Rest(Map.of("later", deep)));
        assertThatThrownBy(() -> save(tooDeep, file))
                .isInstanceOf(Unreadable.class)
                .hasMessageStartingWith("“kept.pandel” was not saved, because it could not be opened again.");
        assertThat(PrototypeFile.open(file).prototype().title()).isEqualTo("Good");
        Path plain = Files.createDirectory(folder.resolve("plain"));
        try (PictureShelf shelf = new PictureShelf()) {
            PrototypeSaving.toFolder(titled("Good"), plain, shelf);
            assertThatThrownBy(() -> PrototypeSaving.toFolder(tooDeep, plain, shelf))
                    .isInstanceOf(Unreadable.class)
                    .hasMessageContaining("was not saved");
        }
        assertThat(PrototypeFile.open(plain).prototype().title()).isEqualTo("Good");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).containsExactlyInAnyOrder(file, plain);
        }
    }

    @Test
    void aLinkStaysALinkAndRightsStay() throws Exception {
        Path real = Files.createDirectory(folder.resolve("elsewhere")).resolve("real.pandel");
        save(titled("One"), real);
        Files.setPosixFilePermissions(real, PosixFilePermissions.fromString("rw-rw-r--"));
        Path link = Files.createSymbolicLink(folder.resolve("link.pandel"), Path.of("elsewhere", "real.pandel"));
        save(titled("Two"), link);
        assertThat(link).isSymbolicLink();
        assertThat(PrototypeFile.open(real).prototype().title()).isEqualTo("Two");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(real)))
                .isEqualTo("rw-rw-r--");
    }

    @Test
    void aNameOf252BytesCanBeSaved() throws Exception {
        Path file = folder.resolve("n".repeat(245) + ".pandel");
        save(titled("Long"), file);
        save(titled("Longer"), file);
        assertThat(PrototypeFile.open(file).prototype().title()).isEqualTo("Longer");
    }

    @Test
    void nothingIsWrittenThroughWhatLiesBesideAndOldLeftOversGo() throws Exception {
        Path victim = Files.writeString(folder.resolve("victim"), "mine");
        Path file = folder.resolve("a.pandel");
        Files.createSymbolicLink(folder.resolve(".a.pandel.saving"), victim);
        Path old = Files.writeString(folder.resolve(".pandel-00000000-0000-0000-0000-000000000000.part"), "half");
        Files.setLastModifiedTime(old, FileTime.from(Instant.now().minus(Duration.ofDays(2))));
        Path running = Files.writeString(folder.resolve(".pandel-00000000-0000-0000-0000-000000000001.part"), "half");
        save(titled("A"), file);
        assertThat(victim).hasContent("mine");
        assertThat(old).doesNotExist();
        assertThat(running).exists();
    }

    @Test
    void aFileChangedSinceIsNotSavedOver() throws Exception {
        Path file = folder.resolve("both.pandel");
        save(titled("First"), file);
        Optional<FileStamp> mine = FileStamp.of(file);
        save(titled("Other"), file);
        assertThatThrownBy(() -> save(titled("Mine"), file, mine))
                .isInstanceOf(ChangedOutside.class)
                .hasMessageContaining("“both.pandel” was changed by another program");
        assertThat(PrototypeFile.open(file).prototype().title()).isEqualTo("Other");
        save(titled("Mine"), file, FileStamp.of(file));
        assertThat(PrototypeFile.open(file).prototype().title()).isEqualTo("Mine");
    }

    @Test
    void twoWhoSaveOneFileAtOnceLeaveAWholeOne() throws Exception {
        Path file = folder.resolve("shared.pandel");
        Prototype large = Prototype.empty("Large")
                .withScreens(IntStream.range(0, 2000)
                        .mapToObj(i -> Screen.page("s" + i, "Screen " + i))
                        .toList());
        try (var savers = Executors.newFixedThreadPool(4)) {
            List<Future<?>> all = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                Prototype written = large.withTitle("by " + i % 4);
                all.add(savers.submit((Callable<Void>) () -> {
                    save(written, file);
                    PrototypeFile.open(file);
                    return null;
                }));
            }
            for (Future<?> one : all) {
                one.get();
            }
        }
        assertThat(PrototypeFile.open(file).prototype().screens()).hasSize(2000);
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).containsExactly(file);
        }
    }

    @Test
    void nothingOutsideAFolderPrototypeIsRead() throws Exception {
        Path plain = Files.createDirectory(folder.resolve("plain"));
        byte[] secret = "secret".getBytes(StandardCharsets.UTF_8);
        Path outside = Files.write(folder.resolve("outside"), secret);
        String content = PictureShelf.contentName(secret, "png");
        String json = PrototypeWriter.text(
                read("{\"format\": \"pandel/1\", \"title\": \"T\", \"screens\": [{\"id\": \"s\", \"title\": \"S\", "
                        + "\"mocks\": [{\"picture\": \""
                        + content + "\", \"pixels\": [10, 10]}]}]}"));
        Files.writeString(plain.resolve("prototype.json"), json);
        Files.createSymbolicLink(
                Files.createDirectory(plain.resolve("pictures")).resolve(content), outside);
        PrototypeFile.Opened opened = PrototypeFile.open(plain);
        assertThat(opened.missing()).containsExactly(content);
        assertThat(opened.pictures().read(content)).isEmpty();
        Path whole = Files.createDirectory(folder.resolve("whole"));
        Files.writeString(whole.resolve("prototype.json"), json);
        Files.createSymbolicLink(whole.resolve("pictures"), Files.createDirectory(folder.resolve("pictures")));
        Files.write(folder.resolve("pictures").resolve(content), secret);
        assertThat(PrototypeFile.open(whole).missing()).containsExactly(content);
        assertThat(PrototypeFile.open(whole).pictures().read(content)).isEmpty();
        Path linked = Files.createDirectory(folder.resolve("linked"));
        Files.createSymbolicLink(linked.resolve("prototype.json"), plain.resolve("prototype.json"));
        assertThatThrownBy(() -> PrototypeFile.open(linked))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("a link to a file outside the folder");
    }
}
