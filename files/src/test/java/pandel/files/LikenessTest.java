package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.files.picture.Raster;
import pandel.files.replace.Likeness;

/** Likeness survives what does not change how a picture looks, and nothing else. */
class LikenessTest {

    /** A page with a bar at the top and a few rows, each beginning at a height in hundredths. */
    private static Raster page(int width, int height, int... rows) {
        int[] argb = new int[width * height];
        Arrays.fill(argb, 0xFFF6F1E7);
        for (int y = 0; y < height; y++) {
            int at = y * 100 / height;
            boolean inRow = at < 8 || Arrays.stream(rows).anyMatch(r -> at >= r && at < r + 6);
            for (int x = width / 10; inRow && x < width * 8 / 10; x++) {
                argb[y * width + x] = 0xFF23424A;
            }
        }
        return new Raster(width, height, argb);
    }

    @Test
    void theSamePageIsTheSameAtAnySize() {
        Likeness small = Likeness.of(page(195, 422, 20, 40, 60));
        assertThat(small.distance(Likeness.of(page(390, 844, 20, 40, 60)))).isLessThan(0.15);
        assertThat(small.distance(Likeness.of(page(1170, 2532, 20, 40, 60)))).isLessThan(0.15);
        assertThat(small.distance(small)).isZero();
    }

    @Test
    void otherRowsAreFarther() {
        Likeness one = Likeness.of(page(390, 844, 20, 40, 60));
        assertThat(one.distance(Likeness.of(page(390, 844, 30, 55, 80)))).isGreaterThan(0.15);
    }

    @Test
    void anotherShapeIsNeverAlike() {
        assertThat(Likeness.of(page(390, 844, 20)).distance(Likeness.of(page(844, 390, 20))))
                .isEqualTo(1);
    }

    @Test
    void whatIsClearStandsOnWhite() {
        int[] clear = new int[60 * 60];
        int[] white = new int[60 * 60];
        Arrays.fill(white, 0xFFFFFFFF);
        for (int i = 1000; i < 1400; i++) {
            clear[i] = 0xFF000000;
            white[i] = 0xFF000000;
        }
        assertThat(Likeness.of(new Raster(60, 60, clear)).distance(Likeness.of(new Raster(60, 60, white))))
                .isZero();
    }

    @Property(tries = 40)
    void distanceIsTheSameBothWays(
            @ForAll @IntRange(min = 10, max = 90) int one, @ForAll @IntRange(min = 10, max = 90) int other) {
        Likeness a = Likeness.of(page(120, 200, one));
        Likeness b = Likeness.of(page(120, 200, other));
        assertThat(a.distance(b)).isEqualTo(b.distance(a)).isBetween(0.0, 1.0);
    }

    @Test
    void onePixelIsAPictureToo() {
        Likeness dot = Likeness.of(new Raster(1, 1, new int[] {0xFF112233}));
        assertThat(dot.distance(dot)).isZero();
    }
}
