package pandel.core.areas;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Even parts against a plain flood, on patterns of few colours. */
class PartsTest {

    @Property(tries = 80)
    void partsAreThoseThatAFloodFinds(
            @ForAll long seed, @ForAll @IntRange(min = 9, max = 30) int w, @ForAll @IntRange(min = 9, max = 30) int h) {
        Random random = new Random(seed);
        int[] rgb = new int[w * h];
        Arrays.fill(rgb, 0xFFFFFF);
        for (int i = 0; i < 6; i++) {
            int x = random.nextInt(w);
            int y = random.nextInt(h);
            int colour = random.nextInt(3) * 0x505050;
            for (int j = y; j < Math.min(h, y + 1 + random.nextInt(8)); j++) {
                Arrays.fill(rgb, j * w + x, j * w + Math.min(w, x + 5), colour);
            }
        }
        Parts parts = new Parts(new Pixels(w, h, rgb));
        boolean[] seen = new boolean[rgb.length];
        int floods = 0;
        for (int i = 0; i < rgb.length; i++) {
            if (!seen[i]) {
                floods++;
                Deque<Integer> horizon = new ArrayDeque<>(Set.of(i));
                seen[i] = true;
                while (!horizon.isEmpty()) {
                    int at = horizon.remove();
                    int x = at % w;
                    for (int next : new int[] {x > 0 ? at - 1 : -1, x + 1 < w ? at + 1 : -1, at - w, at + w}) {
                        if (next >= 0 && next < rgb.length && !seen[next] && rgb[next] == rgb[at]) {
                            seen[next] = true;
                            horizon.add(next);
                        }
                    }
                }
            }
        }
        assertThat(parts.count()).isEqualTo(floods);
        int pixels = 0;
        for (int i = 0; i < parts.count(); i++) {
            pixels += parts.size(i);
            assertThat(parts.box(i).size()).isGreaterThanOrEqualTo(parts.size(i));
            Set<Integer> touching = new HashSet<>();
            for (int t = parts.firstTouching(i); t < parts.endTouching(i); t++) {
                assertThat(touching.add(parts.touching(t))).as("told once").isTrue();
                assertThat(parts.touching(t)).isNotEqualTo(i);
            }
        }
        assertThat(pixels).isEqualTo(rgb.length);
    }

    @Test
    void aGentleGradientHoldsTogetherAndABlurredEdgeDoesNot() {
        int[] gentle = new int[100 * 20];
        Arrays.setAll(gentle, i -> (i % 100) * 0x010101);
        assertThat(new Parts(new Pixels(100, 20, gentle)).count()).isEqualTo(1);
        int[] blurred = new int[100 * 20];
        Arrays.setAll(blurred, i -> Math.clamp((i % 100 - 40) * 10L, 0, 250) * 0x010101);
        Parts parts = new Parts(new Pixels(100, 20, blurred));
        assertThat(parts.count()).isGreaterThan(2);
    }

    @Test
    void aPictureIsShrunkToMeans() {
        Pixels shrunk = new Pixels(4, 2, new int[] {0, 0xFFFFFF, 0x102030, 0x102030, 0, 0xFFFFFF, 0x102030, 0x102030})
                .shrunk(2);
        assertThat(shrunk.width()).isEqualTo(2);
        assertThat(shrunk.height()).isEqualTo(1);
        assertThat(shrunk.rgb()).containsExactly(0x808080, 0x102030);
    }
}
