package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pandel.core.edit.Naming;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.gather.FileTitle;
import pandel.files.gather.Gathering;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;

/** Colours as other programs show them, drawings that cost too much, and what a folder holds besides. */
class ColoursAndCostsTest {

    @TempDir
    private Path folder;

    private static byte[] written(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, format, out)).isTrue();
        return out.toByteArray();
    }

    private static byte[] grey(int value, String format) throws IOException {
        BufferedImage image = new BufferedImage(16, 16, BufferedImage.TYPE_BYTE_GRAY);
        for (int i = 0; i < 256; i++) {
            image.getRaster().setSample(i % 16, i / 16, 0, value);
        }
        return written(image, format);
    }

    @ParameterizedTest
    @CsvSource({"png,0", "png,127", "png,200", "png,255", "jpg,127", "jpg,60"})
    void greyIsAsGreyAsItIsWritten(String format, int value) throws Exception {
        int shown = Pictures.decode(grey(value, format), "grey").argb()[40];
        assertThat(shown >>> 24).isEqualTo(255);
        for (int shift : new int[] {0, 8, 16}) {
            assertThat(shown >> shift & 255).isBetween(value - 2, value + 2);
        }
    }

    /** A PNG of 1×1 pixel written by hand: grey 100 with alpha 128, colour type 4. */
    @Test
    void greyWithAlphaIsToo() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        chunk(out, "IHDR", new byte[] {0, 0, 0, 1, 0, 0, 0, 1, 8, 4, 0, 0, 0});
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (var zip = new java.util.zip.DeflaterOutputStream(packed)) {
            zip.write(new byte[] {0, 100, (byte) 128});
        }
        chunk(out, "IDAT", packed.toByteArray());
        chunk(out, "IEND", new byte[0]);
        assertThat(Pictures.decode(out.toByteArray(), "grey").argb()).containsExactly(0x80646464);
    }

    private static void chunk(ByteArrayOutputStream out, String type, byte[] data) throws IOException {
        var whole = java.nio.ByteBuffer.allocate(data.length + 12)
                .putInt(data.length)
                .put(type.getBytes(StandardCharsets.US_ASCII))
                .put(data);
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(whole.array(), 4, data.length + 4);
        out.write(whole.putInt((int) crc.getValue()).array());
    }

    /** A JPEG in printers' colours: white paper, as a printer's program writes it, inverted and with its mark. */
    @Test
    void printersColoursAreShownAsColours() throws Exception {
        BufferedImage image = new BufferedImage(
                new java.awt.image.ComponentColorModel(
                        new FourColours(),
                        false,
                        false,
                        java.awt.Transparency.OPAQUE,
                        java.awt.image.DataBuffer.TYPE_BYTE),
                java.awt.image.Raster.createInterleavedRaster(java.awt.image.DataBuffer.TYPE_BYTE, 16, 16, 4, null),
                false,
                null);
        var writer = ImageIO.getImageWritersByFormatName("jpg");
        byte[] bytes = null;
        while (writer.hasNext() && bytes == null) {
            var one = writer.next();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (var to = ImageIO.createImageOutputStream(out)) {
                one.setOutput(to);
                one.write(new javax.imageio.IIOImage(image, null, null));
                to.flush();
                bytes = out.toByteArray();
            } catch (IOException | RuntimeException e) {
                bytes = null;
            }
        }
        org.junit.jupiter.api.Assumptions.assumeTrue(bytes != null, "No writer here makes one");
        int shown = Pictures.decode(Objects.requireNonNull(bytes), "cmyk.jpg").argb()[40];
        assertThat(shown >>> 24).isEqualTo(255);
        assertThat((shown & 255) + (shown >> 8 & 255) + (shown >> 16 & 255))
                .as("no ink is white")
                .isGreaterThan(3 * 235);
    }

    private static final class FourColours extends java.awt.color.ColorSpace {
        private static final long serialVersionUID = 1L;

        FourColours() {
            super(TYPE_CMYK, 4);
        }

        @Override
        public float[] toRGB(float[] c) {
            return new float[] {(1 - c[0]) * (1 - c[3]), (1 - c[1]) * (1 - c[3]), (1 - c[2]) * (1 - c[3])};
        }

        @Override
        public float[] fromRGB(float[] rgb) {
            return new float[] {1 - rgb[0], 1 - rgb[1], 1 - rgb[2], 0};
        }

        @Override
        public float[] toCIEXYZ(float[] c) {
            return java.awt.color.ColorSpace.getInstance(CS_sRGB).toCIEXYZ(toRGB(c));
        }

        @Override
        public float[] fromCIEXYZ(float[] c) {
            return fromRGB(java.awt.color.ColorSpace.getInstance(CS_sRGB).fromCIEXYZ(c));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"gif", "bmp"})
    void otherFormatsAreKeptAsPng(String format) throws Exception {
        BufferedImage image = new BufferedImage(20, 10, BufferedImage.TYPE_INT_RGB);
        image.setRGB(3, 3, 0xE0A526);
        byte[] bytes = written(image, format);
        Pictures.Header header = Pictures.header(bytes, "a." + format);
        assertThat(header).isEqualTo(new Pictures.Header(format, 20, 10));
        Raster decoded = Pictures.decode(bytes, "a");
        byte[] kept = Pictures.kept(bytes, header, decoded);
        assertThat(header.ending()).isEqualTo("png");
        assertThat(Pictures.decode(kept, "a.png").argb()[3 * 20 + 3]).isEqualTo(0xFFE0A526);
    }

    /** The smallest WebP there is: one pixel, without loss. */
    @Test
    void webPIsRead() throws Exception {
        byte[] bytes = java.util.Base64.getDecoder().decode("UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA==");
        assertThat(Pictures.header(bytes, "a.webp").format()).isEqualTo("webp");
        assertThat(Pictures.decode(bytes, "a.webp").argb()).hasSize(1);
    }

    private static Raster drawn(String svg) throws Unreadable {
        return Pictures.decode(svg.getBytes(StandardCharsets.UTF_8), "a.svg");
    }

    @Test
    void aShareOfTheWidthIsThatOfTheViewBox() throws Exception {
        Raster raster =
                drawn("<svg xmlns='http://www.w3.org/2000/svg' width='100%' height='100%' viewBox='0 0 200 120'><rect "
                        + "width='200' height='120' fill='#0e5668'/></svg>");
        assertThat(raster.width()).isEqualTo(600);
        assertThat(raster.height()).isEqualTo(360);
        assertThat(raster.argb()[600 * 180 + 300]).isEqualTo(0xFF0E5668);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<a href='https://fernside.example/help'><rect width='9' height='9'/></a>",
                "<text>javascript: and onclick= and &lt;script&gt; and url(http://x)</text>",
                "<!-- <!ENTITY a> <script> --><rect width='9' height='9'/>",
                "<title>src='http://lane.example'</title>"
            })
    void whatIsHarmlessIsNoReasonToRefuse(String inside) throws Exception {
        assertThat(drawn("<svg xmlns='http://www.w3.org/2000/svg' width='20' height='20'>" + inside + "</svg>")
                        .width())
                .isEqualTo(60);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<script>1</script>|holds a script", "<rect onclick='x()' width='9' height='9'/>|holds a script",
                        "<a href='javascript:x()'><rect/></a>|holds a script",
                "<image href='http://lane.example/a.png'/>|from outside itself",
                        "<style>@import 'http://lane.example/a.css';</style>|from outside itself",
                        "<rect fill='url(http://lane.example/#a)'/>|from outside itself"
            })
    void whatRunsOrReadsFromOutsideIsRefused(String inside, String why) {
        assertThatThrownBy(() ->
                        drawn("<svg xmlns='http://www.w3.org/2000/svg' width='20' height='20'>" + inside + "</svg>"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining(why);
    }

    private static String blurred(int times, int deviation) {
        StringBuilder svg =
                new StringBuilder("<svg xmlns='http://www.w3.org/2000/svg' width='1000' height='1000'><filter "
                        + "id='f'><feGaussianBlur stdDeviation='"
                        + deviation + "'/></filter>");
        for (int i = 0; i < times; i++) {
            svg.append("<rect filter='url(#f)' width='900' height='900'/>");
        }
        return svg.append("</svg>").toString();
    }

    @Test
    void whatWouldCostTooMuchIsRefusedBeforeItIsDrawn() throws Exception {
        assertThatThrownBy(() -> drawn(blurred(1, 3000)))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("blurs over 9000 pixels; export it as a PNG instead.");
        assertThatThrownBy(() -> drawn(blurred(10, 20)))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("more blurs and filters than can be drawn in a moment");
        assertThat(drawn(blurred(1, 4)).width()).isEqualTo(3000);
        StringBuilder again = new StringBuilder(
                "<svg xmlns='http://www.w3.org/2000/svg' width='20' height='20'><defs><g id='g0'><rect width='1' "
                        + "height='1'/></g>");
        for (int i = 1; i < 12; i++) {
            again.append("<g id='g" + i + "'>" + ("<use href='#g" + (i - 1) + "'/>").repeat(10) + "</g>");
        }
        assertThatThrownBy(() -> drawn(again + "</defs><use href='#g11'/></svg>"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("the same parts over and over");
        byte[] large = written(new BufferedImage(6000, 6000, BufferedImage.TYPE_BYTE_BINARY), "png");
        assertThatThrownBy(
                        () -> drawn("<svg xmlns='http://www.w3.org/2000/svg' width='20' height='20'><image width='20' "
                                + "height='20' href='data:image/png;base64,"
                                + java.util.Base64.getEncoder().encodeToString(large) + "'/></svg>"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("36,000,000 pixels in all");
    }

    private static final Naming NAMING = new Naming(new IntUnaryOperator() {
        private final Random random = new Random(3);

        @Override
        public int applyAsInt(int bound) {
            return random.nextInt(bound);
        }
    });

    @Test
    void whatAFolderHoldsBesidesIsToldAndFoldersInsideCanBeSections() throws Exception {
        byte[] png = grey(90, "png");
        Files.write(folder.resolve("one.png"), png);
        Files.write(folder.resolve("without ending"), png);
        Files.writeString(folder.resolve("notes.txt"), "no picture");
        Files.writeString(folder.resolve("scan.tiff"), "II*");
        Path inside = Files.createDirectory(folder.resolve("02_checking-in"));
        Files.write(inside.resolve("desk@2X.png"), png);
        Files.createDirectory(folder.resolve("empty"));
        Gathering.Found found = Gathering.look(List.of(folder));
        assertThat(found.pictures())
                .extracting(p -> p.getFileName().toString())
                .containsExactly("one.png", "without ending");
        assertThat(found.leftOut())
                .containsExactly("“scan.tiff” is left out: pictures are PNG, JPEG, SVG, WebP, GIF or BMP.");
        assertThat(found.inside()).containsExactly(inside);
        try (PictureShelf shelf = new PictureShelf()) {
            List<Screen> screens = new Gathering(shelf, new Thumbnails(folder.resolve("thumbnails")))
                    .withSections(found.inside())
                    .take(
                            List.of(folder.resolve("one.png"), inside.resolve("desk@2X.png")),
                            Set.of(),
                            NAMING,
                            n -> {},
                            () -> false)
                    .orElseThrow()
                    .screens();
            assertThat(screens).extracting(Screen::section).containsExactly("", "Checking in");
            assertThat(((Picture) screens.getLast().mocks().getFirst()).scale()).isEqualTo(2);
        }
    }

    @ParameterizedTest
    @CsvSource({"a@2X.png,A,2", "a@12x.png,A,12", "@2x.png,Untitled,2", "a@1.5x.jpg,A,1.5", "a@0x.png,A,0", "a.png,A,0"
    })
    void scalesAreReadFromNames(String name, String title, double scale) {
        assertThat(FileTitle.of(name)).isEqualTo(new FileTitle(title, scale));
    }
}
