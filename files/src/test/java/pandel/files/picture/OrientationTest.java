package pandel.files.picture;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class OrientationTest {

    /** Two rows of three: 1 2 3 / 4 5 6. */
    private static final Raster RAW = new Raster(3, 2, new int[] {1, 2, 3, 4, 5, 6});

    private static String pixels(Raster raster) {
        StringBuilder rows = new StringBuilder();
        for (int i = 0; i < raster.argb().length; i++) {
            rows.append(i > 0 && i % raster.width() == 0 ? "/" : "").append(raster.argb()[i]);
        }
        return rows.toString();
    }

    @ParameterizedTest
    @CsvSource({
        "NONE, 123/456",
        "MIRRORED, 321/654",
        "HALF, 654/321",
        "FLIPPED, 456/123",
        "TRANSPOSED, 14/25/36",
        "RIGHT, 41/52/63",
        "TRANSVERSED, 63/52/41",
        "LEFT, 36/25/14",
    })
    void aPictureIsTurnedAsTheCameraWasHeld(Orientation held, String pixels) {
        assertThat(pixels(held.upright(RAW))).isEqualTo(pixels);
        assertThat(held.swaps()).isEqualTo(pixels.indexOf('/') == 2);
    }

    @ParameterizedTest
    @EnumSource(
            value = Orientation.class,
            names = {"NONE", "MIRRORED", "HALF", "FLIPPED", "TRANSPOSED", "TRANSVERSED"})
    void twiceTheSameIsAsItWas(Orientation held) {
        assertThat(pixels(held.upright(held.upright(RAW)))).isEqualTo(pixels(RAW));
    }

    @Test
    void leftAndRightUndoEachOther() {
        assertThat(pixels(Orientation.LEFT.upright(Orientation.RIGHT.upright(RAW))))
                .isEqualTo(pixels(RAW));
    }

    @Test
    void whatIsNoPictureIsNotTurned() {
        assertThat(Orientation.of(new byte[0])).isEqualTo(Orientation.NONE);
        assertThat(Orientation.of(new byte[] {(byte) 0xff, (byte) 0xd8, 1, 2, 3}))
                .isEqualTo(Orientation.NONE);
    }
}
