package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.edit.Naming;
import pandel.core.edit.whole.VersionEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.replace.Alike;
import pandel.files.replace.AreaSearch;
import pandel.files.replace.Comparison;
import pandel.files.replace.Looks;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/**
 * Versions kept in the file, whatever becomes of them; and what likeness says of pictures and of what stands on them.
 */
class VersionsAndLikenessTest {

    private static final Path SAMPLE = Path.of("..", "samples", "hollow-lane.pandel");
    private static final Naming NAMING = new Naming(n -> 0);

    @TempDir
    private Path folder;

    private static Prototype kept() {
        Prototype p = Generated.of(6, 3, Kind.USUAL, 2);
        return VersionEdits.keep("second", "2026-06-02", NAMING)
                .applyTo(VersionEdits.keep("first", "2026-05-12", NAMING)
                        .applyTo(p)
                        .withTitle("Later"));
    }

    @Test
    void versionsAreSavedAndOpenedAsFileAndFolder() throws Exception {
        try (PictureShelf shelf = new PictureShelf()) {
            PrototypeSaving.toFile(kept(), folder.resolve("a.pandel"), shelf);
            assertThat(PrototypeFile.open(folder.resolve("a.pandel")).prototype())
                    .isEqualTo(kept());
            Path plain = folder.resolve("plain");
            PrototypeSaving.toFolder(kept(), plain, shelf);
            assertThat(PrototypeFile.open(plain).prototype()).isEqualTo(kept());
            // A version removed goes from the folder too.
            Prototype one = VersionEdits.remove(kept().versions().getFirst()).applyTo(kept());
            PrototypeSaving.toFolder(one, plain, shelf);
            assertThat(PrototypeFile.open(plain).prototype()).isEqualTo(one);
            assertThat(plain.resolve("versions"))
                    .isDirectoryContaining("glob:**second*")
                    .isDirectoryNotContaining("glob:**first*");
        }
    }

    @Test
    void aVersionThatNoLongerFitsIsCarriedAlongUnread() throws Exception {
        try (PictureShelf shelf = new PictureShelf()) {
            Path plain = folder.resolve("plain");
            PrototypeSaving.toFolder(kept(), plain, shelf);
            Path file = plain.resolve("versions")
                    .resolve(kept().versions().getFirst().id() + ".json");
            String odd = "{\"format\": \"pandel/7\", \"screens\": 3}";
            Files.writeString(file, odd);
            Prototype opened = PrototypeFile.open(plain).prototype();
            assertThat(opened.versions().getFirst().content())
                    .isEqualTo(new Version.Content.Unread(
                            odd,
                            "This file was written by a newer Pandel (format pandel/7, this one reads "
                                    + "pandel/1); open it with that one."));
            assertThat(opened.versions().getLast()).isEqualTo(kept().versions().getLast());
            PrototypeSaving.toFolder(opened.withTitle("Saved again"), plain, shelf);
            assertThat(file).hasContent(odd);
            Files.delete(file);
            assertThat(((Version.Content.Unread) PrototypeFile.open(plain)
                                    .prototype()
                                    .versions()
                                    .getFirst()
                                    .content())
                            .why())
                    .contains("is not there");
        }
    }

    private Raster raster(PictureShelf shelf, Picture picture) throws IOException, Unreadable {
        return Pictures.decode(shelf.read(picture.content()).orElseThrow(), picture.source());
    }

    @Test
    void whatStandsUnderAnAreaIsFoundOnAnotherPicture() throws Exception {
        PrototypeFile.Opened sample = PrototypeFile.open(SAMPLE);
        try (PictureShelf shelf = new PictureShelf()) {
            shelf.add(sample.pictures());
            int found = 0;
            int wrong = 0;
            for (String title : List.of("Confirm", "Sign in", "Reserved", "Course")) {
                Screen screen = sample.prototype().screens().stream()
                        .filter(s -> s.title().equals(title))
                        .findFirst()
                        .orElseThrow();
                Picture phone = (Picture) screen.mocks().getFirst();
                Picture tablet = (Picture) screen.mocks().getLast();
                assertThat(tablet.on()).isEqualTo(Width.MEDIUM);
                for (Hotspot hotspot : screen.hotspots()) {
                    Area is = hotspot.areaOn(Width.MEDIUM).orElseThrow();
                    Optional<Area> says = AreaSearch.find(
                            raster(shelf, phone),
                            phone,
                            hotspot.areaOn(Width.NARROW).orElseThrow(),
                            raster(shelf, tablet),
                            tablet);
                    found += says.filter(a -> Math.abs(a.y() - is.y()) <= 4).isPresent() ? 1 : 0;
                    wrong += says.filter(a -> Math.abs(a.y() - is.y()) > 4).isPresent() ? 1 : 0;
                }
            }
            assertThat(wrong).isZero();
            assertThat(found).isGreaterThanOrEqualTo(6);
            Screen splash = sample.prototype().screens().getFirst();
            Picture plain = (Picture) splash.mocks().getFirst();
            assertThat(AreaSearch.find(
                            raster(shelf, plain), plain, new Area(10, 10, 60, 60), raster(shelf, plain), plain))
                    .as("blank ground is like nothing")
                    .isEmpty();
        }
    }

    @Test
    void picturesThatLookAlikeArePointedOut() throws Exception {
        PrototypeFile.Opened sample = PrototypeFile.open(SAMPLE);
        try (PictureShelf shelf = new PictureShelf()) {
            shelf.add(sample.pictures());
            Screen loans = sample.prototype().screens().stream()
                    .filter(s -> s.title().equals("Loans"))
                    .findFirst()
                    .orElseThrow();
            Prototype two = sample.prototype()
                    .withScreens(List.of(
                            loans,
                            Screen.page("other", "Loans, none reserved")
                                    .withMocks(loans.states().getFirst().mocks()),
                            sample.prototype().screens().getFirst()));
            Map<String, List<String>> alike = Alike.of(
                    Comparison.had(two).stream()
                            .filter(h -> h.screen().mocks().contains(h.picture()))
                            .toList(),
                    new Looks(shelf, new Thumbnails(folder.resolve("thumbnails")))::of);
            assertThat(alike.get(loans.id())).containsExactly("other");
            assertThat(alike).containsOnlyKeys(loans.id(), "other");
        }
    }
}
