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
import java.util.Random;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pandel.core.edit.Naming;
import pandel.core.model.screen.Picture;
import pandel.files.gather.Gathering;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;

/** Drawings and photographs. */
class KindsOfPictureTest {

    private static final String SOUND =
            "<svg xmlns='http://www.w3.org/2000/svg' width='390' height='844'><rect width='195' height='844' "
                    + "fill='#ff0000'/></svg>";

    @TempDir
    private Path folder;

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aDrawingIsDrawnAtThreePixelsForEachPx() throws Exception {
        Files.writeString(folder.resolve("04_tool.svg"), "<?xml version='1.0'?>\n" + SOUND);
        try (PictureShelf shelf = new PictureShelf()) {
            Picture picture = (Picture) new Gathering(shelf, new Thumbnails(folder.resolve("thumbnails")))
                    .take(
                            Gathering.find(List.of(folder)),
                            Set.of(),
                            new Naming(new Random(1)::nextInt),
                            done -> {},
                            () -> false)
                    .orElseThrow()
                    .screens()
                    .getFirst()
                    .mocks()
                    .getFirst();
            assertThat(picture.width()).isEqualTo(390);
            assertThat(picture.pixelWidth()).isEqualTo(1170);
            assertThat(picture.content()).endsWith(".svg");
            Raster drawn = Pictures.decode(shelf.read(picture.content()).orElseThrow(), "x");
            assertThat(drawn.argb()[1000 * 1170 + 100]).isEqualTo(0xFFFF0000);
            // What is clear stays clear: it stands on paper when shown.
            assertThat(drawn.argb()[1000 * 1170 + 1000] >>> 24).isZero();
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><script>alert(1)</script></svg> | "
                        + "holds a script",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9' onload='go()'></svg> | holds a script",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><a href='javascript:go()'/></svg> | "
                        + "holds a script",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><image "
                        + "href='http://elsewhere.example/a.png'/></svg> | shows something from outside itself, "
                        + "“http://elsewhere.example/a.png”",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><image "
                        + "href='file:///etc/passwd'/></svg> | shows something from outside itself",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><image "
                        + "href='../../secret.png'/></svg> | shows something from outside itself",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><style>@import "
                        + "'a.css';</style></svg> | shows something from outside itself",
                "<!DOCTYPE svg [<!ENTITY a 'aa'><!ENTITY b '&a;&a;'>]><svg "
                        + "xmlns='http://www.w3.org/2000/svg'>&b;</svg> | declares entities",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect> | is damaged: it is no sound SVG",
                "<svg xmlns='http://www.w3.org/2000/svg' width='1000000' height='5'/> | 3,000,000 × 15 pixels; "
                        + "the most is 20,000 a side",
                "<svg xmlns='http://www.w3.org/2000/svg' width='0' height='0'/> | has no size",
            })
    void aDrawingThatDoesMoreThanDrawIsRefusedInOneSentence(String svg, String sentence) {
        assertThatThrownBy(() -> Pictures.header(bytes(svg), "x.svg"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("“x.svg” ")
                .hasMessageContaining(sentence);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<use href='#a'/>",
                "<rect fill='url(#a)'/>",
                "<image href='data:image/png;base64,iVBORw0KGgo='/>"
            })
    void whatADrawingShowsOfItselfIsFine(String inside) throws Exception {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='9' "
                + "height='9'><g id='a'/>"
                + inside + "</svg>";
        assertThat(Pictures.header(bytes(svg), "x.svg").width()).isEqualTo(27);
    }

    /** A photograph with one dark corner, as a camera would write it for each way it can be held. */
    @ParameterizedTest
    @CsvSource({"1, 0, 0", "2, 1, 0", "3, 1, 1", "4, 0, 1", "5, 0, 0", "6, 1, 0", "7, 1, 1", "8, 0, 1"})
    void aPhotographIsTurnedUpright(int orientation, int right, int bottom) throws Exception {
        byte[] jpeg = withOrientation(photograph(), orientation);
        boolean swaps = orientation >= 5;
        Pictures.Header header = Pictures.header(jpeg, "x.jpg");
        assertThat(header.width()).isEqualTo(swaps ? 40 : 80);
        assertThat(header.height()).isEqualTo(swaps ? 80 : 40);
        Raster raster = Pictures.decode(jpeg, "x.jpg");
        assertThat(raster.width()).isEqualTo(header.width());
        for (int y = 0; y < 2; y++) {
            for (int x = 0; x < 2; x++) {
                int pixel = raster.argb()[
                                (y == 0 ? 4 : raster.height() - 5) * raster.width() + (x == 0 ? 4 : raster.width() - 5)]
                        & 255;
                assertThat(pixel < 128).as("%d %d", x, y).isEqualTo(x == right && y == bottom);
            }
        }
    }

    private static byte[] photograph() throws IOException {
        BufferedImage image = new BufferedImage(80, 40, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 40; y++) {
            for (int x = 0; x < 80; x++) {
                image.setRGB(x, y, x < 16 && y < 16 ? 0 : 0xFFFFFF);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    /** Puts an EXIF segment with the orientation alone right after the start of a JPEG. */
    private static byte[] withOrientation(byte[] jpeg, int orientation) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        byte[] exif = {
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, (byte) (exif.length + 2)});
        out.write(exif);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }
}
