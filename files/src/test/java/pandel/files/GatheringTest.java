package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.edit.Naming;
import pandel.core.model.screen.Screen;
import pandel.files.gather.FileTitle;
import pandel.files.gather.Gathering;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;

class GatheringTest {

    private static final Naming NAMING = new Naming(new Random(1)::nextInt);

    @TempDir
    private Path folder;

    @ParameterizedTest
    @CsvSource({
        "03_tool-detail@2x.png, Tool detail, 2",
        "tools.jpeg, Tools, 0",
        "10 - My Loans.PNG, My Loans, 0",
        "7.png, 7, 0",
        "sign_in@1.5x.png, Sign in, 1.5",
        "screen.v2.png, Screen v2, 0"
    })
    void titlesComeFromFileNames(String file, String title, double scale) {
        FileTitle read = FileTitle.of(file);
        assertThat(read.title()).isEqualTo(title);
        assertThat(read.scale()).isEqualTo(scale);
    }

    @Test
    void theOrderIsNatural() {
        List<String> names = new ArrayList<>(List.of("10_b.png", "2_a.png", "B.png", "a.png", "1.png"));
        names.sort(FileTitle.naturalOrder());
        assertThat(names).containsExactly("1.png", "2_a.png", "10_b.png", "a.png", "B.png");
    }

    private static byte[] picture(int width, int height, String format) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < width * height; i += 7) {
            image.setRGB(i % width, i / width, i * 31);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    @Test
    void goodPicturesBecomeScreensAndBadOnesAreNamed() throws Exception {
        Files.write(folder.resolve("02_two.png"), picture(1170, 2532, "png"));
        Files.write(folder.resolve("10_ten@2x.jpg"), picture(780, 1688, "jpg"));
        byte[] jpeg = picture(400, 800, "jpg");
        Files.write(folder.resolve("3_cut.jpg"), Arrays.copyOf(jpeg, jpeg.length / 2));
        byte[] png = picture(400, 800, "png");
        Files.write(folder.resolve("4_cut.png"), Arrays.copyOf(png, png.length / 2));
        Files.write(folder.resolve("5_header.png"), Arrays.copyOf(png, 20));
        Files.createFile(folder.resolve("6_empty.png"));
        Files.writeString(folder.resolve("7_words.png"), "words");
        Files.write(folder.resolve("8_wide.png"), picture(30_000, 2, "png"));
        Files.writeString(folder.resolve("notes.txt"), "not looked at");
        AtomicInteger done = new AtomicInteger();
        try (PictureShelf shelf = new PictureShelf()) {
            Gathering.Gathered gathered = new Gathering(shelf, new Thumbnails(folder.resolve("thumbs")))
                    .take(Gathering.find(List.of(folder)), Set.of(), NAMING, n -> done.incrementAndGet(), () -> false)
                    .orElseThrow();
            assertThat(gathered.screens()).extracting(Screen::title).containsExactly("Two", "Ten");
            assertThat(gathered.screens())
                    .allSatisfy(s -> assertThat(s.mocks().getFirst().width()).isEqualTo(390));
            assertThat(gathered.problems())
                    .containsExactly(
                            "“3_cut.jpg” is cut short or damaged; export it again.",
                            "“4_cut.png” is cut short or damaged; export it again.",
                            "“5_header.png” is damaged: its header cannot be read; export it again.",
                            "“6_empty.png” is empty; export it again.",
                            "“7_words.png” is no PNG, JPEG, SVG, WebP, GIF or BMP picture.",
                            "“8_wide.png” is 30,000 × 2 pixels; the most is 20,000 a side and 100 million in all.");
            assertThat(done).hasValue(8);
        }
    }

    @Test
    void aFolderWithoutPicturesIsRefusedAndStoppingTakesNothing() throws Exception {
        assertThatThrownBy(() -> Gathering.find(List.of(folder)))
                .isInstanceOf(Unreadable.class)
                .hasMessage(
                        "There are no PNG, JPEG, SVG, WebP, GIF or BMP pictures in “" + folder.getFileName() + "”.");
        Files.write(folder.resolve("a.png"), picture(10, 10, "png"));
        try (PictureShelf shelf = new PictureShelf()) {
            assertThat(new Gathering(shelf, new Thumbnails(folder.resolve("thumbs")))
                            .take(Gathering.find(List.of(folder)), Set.of(), NAMING, n -> {}, () -> true))
                    .isEmpty();
        }
    }

    @Test
    void shrinkingTakesTheMeanAndWeighsByOpacity() {
        int red = Color.RED.getRGB();
        Raster raster = new Raster(4, 2, new int[] {red, red, 0, 0, red, red, red, red});
        assertThat(raster.shrunkTo(2).argb()).containsExactly(red, 0x7F000000 | red & 0xFFFFFF);
        assertThat(raster.shrunkTo(9)).isSameAs(raster);
    }

    @Test
    void everyKindOfPictureDecodesToTheSameColours() throws Exception {
        for (int type : new int[] {
            BufferedImage.TYPE_INT_RGB,
            BufferedImage.TYPE_INT_ARGB,
            BufferedImage.TYPE_BYTE_INDEXED,
            BufferedImage.TYPE_BYTE_BINARY
        }) {
            BufferedImage image = new BufferedImage(33, 17, type);
            for (int i = 0; i < 33 * 17; i++) {
                image.setRGB(i % 33, i / 33, i * 7919 | (i % 3 == 0 ? 0xFF000000 : 0x80000000));
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            int[] expected =
                    ImageIO.read(new ByteArrayInputStream(out.toByteArray())).getRGB(0, 0, 33, 17, null, 0, 33);
            assertThat(Pictures.decode(out.toByteArray(), "x").argb())
                    .as("type %s", type)
                    .isEqualTo(expected);
        }
    }

    @Test
    void thumbnailsAreKeptAndFoundAgain() throws Exception {
        Thumbnails thumbnails = new Thumbnails(folder.resolve("thumbs"));
        byte[] png = picture(900, 300, "png");
        String content = PictureShelf.contentName(png, "png");
        assertThat(thumbnails.find(content)).isEmpty();
        Raster made = thumbnails.make(content, Pictures.decode(png, "x"));
        assertThat(made.width()).isEqualTo(Thumbnails.WIDE);
        assertThat(thumbnails.find(content).orElseThrow().argb()).isEqualTo(made.argb());
    }
}
