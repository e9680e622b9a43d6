package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.PictureEdits;
import pandel.core.edit.screen.PictureEdits.Swap;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.gather.Gathering;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.replace.Came;
import pandel.files.replace.Comparison;
import pandel.files.replace.Doubt;
import pandel.files.replace.Ground;
import pandel.files.replace.Had;
import pandel.files.replace.Looks;
import pandel.files.replace.Pairing;
import pandel.files.replace.Pairing.Kind;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;

/** What came against what was had. */
class ComparisonTest {

    private static final Path SAMPLES = Path.of("..", "samples");

    @TempDir
    private Path scratch;

    private PictureShelf shelf;
    private Thumbnails thumbnails;
    private Prototype sample;

    @BeforeEach
    void openSample() throws Exception {
        PrototypeFile.Opened opened = PrototypeFile.open(SAMPLES.resolve("hollow-lane.pandel"));
        shelf = new PictureShelf();
        shelf.add(opened.pictures());
        thumbnails = new Thumbnails(scratch);
        // The pages of its welcome are drawn apart from the folders of pictures.
        Prototype all = opened.prototype();
        sample = all.withScreens(all.screens().stream()
                .filter(s -> all.index().sequencesOf(s.id()).isEmpty())
                .toList());
    }

    @AfterEach
    void close() throws IOException {
        shelf.close();
    }

    private List<Came> came(String folder) throws Unreadable {
        return new Gathering(shelf, thumbnails)
                        .take(
                                Gathering.find(List.of(SAMPLES.resolve(folder))),
                                Set.of(),
                                new Naming(new Random(1)::nextInt),
                                done -> {},
                                () -> false)
                        .orElseThrow()
                        .screens()
                        .stream()
                        .map(Came::new)
                        .toList();
    }

    private static long count(List<Pairing> pairings, Kind kind) {
        return pairings.stream().filter(p -> p.kind() == kind).count();
    }

    @Test
    void nextWeekIsToldAsItIs() throws Exception {
        Looks looks = new Looks(shelf, thumbnails);
        List<Pairing> pairings =
                Comparison.withoutAsides(Comparison.of(Comparison.had(sample), came("pictures-next-week"), looks::of));
        assertThat(count(pairings, Kind.SAME)).isEqualTo(25);
        assertThat(pairings.stream()
                        .filter(p -> p.kind() == Kind.CHANGED)
                        .map(p -> p.had().orElseThrow().screen().title()))
                .containsExactly("Loans", "Bring it back", "Me");
        Pairing renamed = pairings.stream()
                .filter(p -> p.kind() == Kind.RENAMED)
                .findFirst()
                .orElseThrow();
        assertThat(renamed.had().orElseThrow().screen().title()).isEqualTo("Tool");
        assertThat(renamed.came().orElseThrow().picture().source()).isEqualTo("04_one-tool@2x.png");
        assertThat(pairings.stream()
                        .filter(p -> p.kind() == Kind.NEW)
                        .map(p -> p.came().orElseThrow().screen().title()))
                .containsExactly("Saved tools");
        assertThat(pairings.stream()
                        .filter(p -> p.kind() == Kind.GONE)
                        .map(p -> p.had().orElseThrow().screen().title()))
                .containsExactly("Report damage");
    }

    @Test
    void aFolderOfTheSamePicturesIsAllTheSameWhateverItsOrder() throws Exception {
        List<Came> came = new ArrayList<>(came("pictures"));
        for (int seed = 0; seed < 5; seed++) {
            Collections.shuffle(came, new Random(seed));
            List<Pairing> pairings = Comparison.of(
                    Comparison.had(sample).stream()
                            .filter(h -> h.screen().mocks().getFirst().equals(h.picture()))
                            .toList(),
                    came,
                    p -> {
                        throw new AssertionError("Content settles it; nobody needs to look");
                    });
            assertThat(pairings).allMatch(p -> p.kind() == Kind.SAME);
        }
    }

    /** Whatever comes: each picture stands in exactly one pairing, and the same input gives the same answer. */
    @Test
    void everyPictureStandsInExactlyOnePairing() {
        for (int seed = 0; seed < 300; seed++) {
            Random random = new Random(seed);
            List<Had> had = new ArrayList<>();
            List<Came> came = new ArrayList<>();
            for (int i = 0; i < random.nextInt(12); i++) {
                had.add(new Had(Screen.page("s" + i, "S"), picture(random)));
            }
            for (int i = 0; i < random.nextInt(12); i++) {
                came.add(new Came(Screen.page("c" + i, "C").withMocks(List.of(picture(random)))));
            }
            List<Pairing> pairings = Comparison.of(had, came, p -> Optional.empty());
            assertThat(pairings.stream().flatMap(p -> p.had().stream())).containsExactlyInAnyOrderElementsOf(had);
            assertThat(pairings.stream().flatMap(p -> p.came().stream())).containsExactlyInAnyOrderElementsOf(came);
            assertThat(Comparison.of(had, came, p -> Optional.empty())).isEqualTo(pairings);
            assertThat(new HashSet<>(pairings)).hasSameSizeAs(pairings);
        }
    }

    /** A head and one button, as many screens have them, with other words. */
    private static byte[] headAndButton(long words, int height) throws IOException {
        BufferedImage image = new BufferedImage(390, height, BufferedImage.TYPE_INT_RGB);
        java.awt.Graphics2D g = image.createGraphics();
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, 390, height);
        g.setColor(new java.awt.Color(0x0E5668));
        g.fillRect(24, height - 96, 342, 56);
        Random random = new Random(words);
        g.setColor(new java.awt.Color(0x1C2529));
        for (int line = 0; line < 7; line++) {
            for (int x = 24; x < 120 + random.nextInt(240); x += 16 + random.nextInt(30)) {
                g.fillRect(x, 70 + line * 52, 8 + random.nextInt(14), line == 0 ? 24 : 14);
            }
        }
        g.dispose();
        java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private List<Came> drawn(String name, byte[] png) throws Exception {
        Path folder = Files.createTempDirectory(scratch, "drawn");
        Files.write(folder.resolve(name), png);
        return new Gathering(shelf, thumbnails)
                        .take(
                                Gathering.find(List.of(folder)),
                                Set.of(),
                                new Naming(new Random(1)::nextInt),
                                done -> {},
                                () -> false)
                        .orElseThrow()
                        .screens()
                        .stream()
                        .map(Came::new)
                        .toList();
    }

    @Test
    void aHeadAndAButtonAloneAreNoReasonToTakeItForANewerPicture() throws Exception {
        Looks looks = new Looks(shelf, thumbnails);
        List<Had> had = drawn("lost-luggage.png", headAndButton(1, 844)).stream()
                .map(c -> new Had(c.screen(), c.picture()))
                .toList();
        for (long words = 2; words < 12; words++) {
            List<Pairing> pairings = Comparison.of(had, drawn("season-pass.png", headAndButton(words, 844)), looks::of);
            assertThat(pairings).as("words %s", words).noneMatch(p -> p.kind() == Kind.RENAMED);
        }
        // The same under another name, a line of it changed, is its newer picture.
        BufferedImage changed = javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(headAndButton(1, 844)));
        for (int x = 24; x < 200; x++) {
            for (int y = 380; y < 396; y++) {
                changed.setRGB(x, y, 0xFFFFFF);
            }
        }
        java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(changed, "png", out);
        assertThat(Comparison.of(had, drawn("luggage-that-was-lost.png", out.toByteArray()), looks::of))
                .singleElement()
                .satisfies(p -> assertThat(p.kind()).isEqualTo(Kind.RENAMED));
    }

    private static Picture picture(Random random) {
        return new Picture(
                random.nextBoolean() ? Width.NARROW : Width.WIDE,
                random.nextInt(6) + ".png",
                10,
                20,
                1,
                random.nextInt(4) + "_page " + random.nextInt(4) + ".png",
                Rest.NONE);
    }

    @Test
    void hotspotsOnChangedGroundOrOutsideAreToldAndNoneIsTouched() throws Exception {
        Looks looks = new Looks(shelf, thumbnails);
        List<Swap> swaps = Comparison.of(Comparison.had(sample), came("pictures-next-week"), looks::of).stream()
                .filter(Pairing::replaces)
                .map(p -> new Swap(
                        p.had().orElseThrow().screen().id(),
                        p.had().orElseThrow().picture(),
                        p.came().orElseThrow().picture()))
                .toList();
        Prototype replaced = PictureEdits.replace(swaps, List.of(), List.of()).applyTo(sample);
        assertThat(replaced.index().hotspots())
                .containsExactlyElementsOf(sample.index().hotspots());
        assertThat(replaced.index().ways()).hasSameSizeAs(sample.index().ways());
        List<String> doubted = Doubt.after(replaced, swaps, looks).stream()
                .map(d -> replaced.index().hotspot(d.hotspot()).orElseThrow().title())
                .toList();
        // The rows of the loans moved down; the strip and what stands on unchanged ground did not.
        assertThat(doubted)
                .contains("Four-person tent", "Orchard ladder")
                .doesNotContain("Sign out", "Reserve", "It was taken back");
        assertThat(Ground.holds(swaps.getFirst().fresh(), new Area(300, 800, 100, 40)))
                .isFalse();
        assertThat(Ground.holds(swaps.getFirst().fresh(), new Area(0, 0, 390, 844)))
                .isTrue();
    }

    @Test
    void theGroundUnderAnAreaIsComparedInPxWhateverTheScale() {
        Picture at1 = new Picture(Width.NARROW, "a.png", 100, 100, 1, "a.png", Rest.NONE);
        Picture at2 = new Picture(Width.NARROW, "b.png", 200, 200, 2, "a.png", Rest.NONE);
        Raster small = half(100);
        Raster large = half(200);
        assertThat(Ground.changed(small, at1, large, at2, new Area(10, 10, 30, 30)))
                .isFalse();
        int[] dark = new int[200 * 200];
        java.util.Arrays.fill(dark, 0xFF000000);
        assertThat(Ground.changed(small, at1, new Raster(200, 200, dark), at2, new Area(60, 10, 30, 30)))
                .isTrue();
        assertThat(Ground.changed(small, at1, new Raster(200, 200, dark), at2, new Area(10, 10, 30, 30)))
                .isFalse();
    }

    /** Black at the left, white at the right. */
    private static Raster half(int size) {
        int[] argb = new int[size * size];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = i % size < size / 2 ? 0xFF000000 : 0xFFFFFFFF;
        }
        return new Raster(size, size, argb);
    }
}
