package pandel.core.areas;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class PaletteTest {

    private static int[] picture(int ground, int ink, int inked) {
        int[] rgb = new int[1000];
        Arrays.fill(rgb, ground);
        Arrays.fill(rgb, 0, inked, ink);
        return rgb;
    }

    @Test
    void whatIsOnEveryPictureComesBeforeWhatIsOnOne() {
        Palette palette = new Palette();
        palette.add(picture(0xFFFFFF, 0x0E5668, 60));
        palette.add(picture(0xFFFFFF, 0x0E5668, 60));
        palette.add(picture(0xFFFFFF, 0x0E5668, 60));
        palette.add(picture(0xFFFFFF, 0xA6314B, 300));
        assertThat(palette.most(9)).containsExactly(0xFFFFFF, 0x0E5668, 0xA6314B);
        assertThat(palette.most(2)).containsExactly(0xFFFFFF, 0x0E5668);
    }

    @Test
    void edgesOfThingsAreNoColoursAndTransparencyIsNotLookedAt() {
        Palette palette = new Palette();
        palette.add(picture(0xFF336699, 0x00112233, 2));
        assertThat(palette.most(9)).containsExactly(0x336699);
        assertThat(new Palette().most(9)).isEmpty();
    }

    @Property(tries = 60)
    void noneIsLikeAnotherAndEachIsOnAPicture(
            @ForAll @Size(min = 1, max = 300) List<@IntRange(max = 0xFFFFFF) Integer> pixels) {
        Palette palette = new Palette();
        palette.add(pixels.stream().mapToInt(Integer::intValue).toArray());
        List<Integer> most = palette.most(12);
        assertThat(pixels).containsAll(most);
        assertThat(most).hasSizeBetween(1, 12);
        for (int i = 0; i < most.size(); i++) {
            for (int j = 0; j < i; j++) {
                int a = most.get(i);
                int b = most.get(j);
                int apart = Math.max(
                        Math.abs((a >> 16) - (b >> 16)),
                        Math.max(Math.abs((a >> 8 & 255) - (b >> 8 & 255)), Math.abs((a & 255) - (b & 255))));
                assertThat(apart).isGreaterThanOrEqualTo(24);
            }
        }
    }
}
