package pandel.core.areas;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.function.IntBinaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Pictures on which there is nothing, or far too much: the look ends, and what it offers lies on the picture. */
class BadPicturesTest {

    private static Things look(int w, int h, IntBinaryOperator colour) {
        int[] rgb = new int[w * h];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = colour.applyAsInt(i % w, i / w);
        }
        Things things = Things.on(new Pixels(w, h, rgb), 1);
        for (int i = 0; i < 40; i++) {
            things.at(w * i / 40.0, h * (i * 7 % 40) / 40.0).forEach(offer -> {
                assertThat(offer.area().x()).isGreaterThanOrEqualTo(0);
                assertThat(offer.area().y()).isGreaterThanOrEqualTo(0);
                assertThat(offer.area().right()).isLessThanOrEqualTo(w);
                assertThat(offer.area().bottom()).isLessThanOrEqualTo(h);
                assertThat(offer.alike()).isNotEmpty();
            });
        }
        return things;
    }

    @Test
    void noiseAndPatternsAreNothing() {
        Random random = new Random(7);
        assertThat(look(390, 844, (x, y) -> random.nextInt()).at(100, 100)).isEmpty();
        assertThat(look(390, 844, (x, y) -> (x + y) % 2 * 0xFFFFFF).at(100, 100))
                .isEmpty();
    }

    @Test
    void oneColourOnePixelAndAGradientAreNothing() {
        assertThat(look(390, 844, (x, y) -> 0x336699).at(100, 100)).isEmpty();
        assertThat(look(1, 1, (x, y) -> 0).at(0, 0)).isEmpty();
        assertThat(look(390, 844, (x, y) -> y / 5 * 0x010101).at(100, 100)).isEmpty();
    }

    @Test
    void aPictureLowerThanTheRoomAboveAStripOfTabsHasItsTabsWithinIt() {
        look(80, 6, (x, y) -> y > 1 && y < 5 && x % 20 > 6 && x % 20 < 12 ? Drawn.INK : 0xFFFFFF);
        look(80, 1, (x, y) -> x % 20 > 6 && x % 20 < 12 ? Drawn.INK : 0xFFFFFF);
    }

    @Test
    void fourThousandRowsAndALongPictureEnd() {
        look(390, 20_000, (x, y) -> {
            int in = y % 5;
            return in > 0 && x > 10 && x < 26 || in > 1 && x > 40 && x < 200 ? Drawn.INK : 0xFFFFFF;
        });
        look(
                390,
                20_000,
                (x, y) -> y % 60 == 0 || y % 60 > 20 && y % 60 < 34 && x > 20 && x < 200 && x / 4 % 2 == 0
                        ? Drawn.INK
                        : 0xFFFFFF);
        look(20_000, 300, (x, y) -> x % 100 < 80 && y % 100 > 20 && y % 100 < 60 ? Drawn.INK : 0xFFFFFF);
    }

    @Property(tries = 30)
    void whateverIsDrawnIsOfferedWithinThePicture(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 300) int w,
            @ForAll @IntRange(min = 1, max = 300) int h) {
        Random random = new Random(seed);
        Drawn drawn = new Drawn(w, h);
        for (int i = 0; i < 25; i++) {
            int x = random.nextInt(w);
            int y = random.nextInt(h);
            int colour = random.nextInt(4) * 0x404040;
            switch (random.nextInt(3)) {
                case 0 -> drawn.box(x, y, 1 + random.nextInt(90), 1 + random.nextInt(60), colour);
                case 1 -> drawn.words(x, y, Math.min(w - x, 80), 9, colour);
                default -> drawn.box(x, y, 120, 1, colour);
            }
        }
        Pixels pixels = drawn.pixels();
        look(w, h, (x, y) -> pixels.rgb()[y * w + x]);
    }
}
