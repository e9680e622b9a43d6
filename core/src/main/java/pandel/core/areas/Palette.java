package pandel.core.areas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The colours that some pictures are made of, those they have most of first. A colour counts by the root of the share
 * it has of each picture, so that one that is small and on every picture comes before one that is large on a single
 * one.
 */
public final class Palette {

    /** Less of a picture than one in so many pixels is the edge of something, no colour of it. */
    private static final int LEAST = 400;
    /** Colours that differ by less in every channel are one to the eye. */
    private static final int ALIKE = 24;

    private final Map<Integer, Double> weights = new HashMap<>();

    /** The colours of one picture. */
    public static Palette of(int[] rgb) {
        Palette palette = new Palette();
        palette.add(rgb);
        return palette;
    }

    /** Counts the pictures of another. */
    public void add(Palette other) {
        other.weights.forEach((colour, weight) -> weights.merge(colour, weight, Double::sum));
    }

    /**
     * Counts a picture.
     *
     * @param rgb its pixels, {@code 0xRRGGBB}; what lies above the low 24 bits is not looked at
     */
    public void add(int[] rgb) {
        Map<Integer, Integer> counts = new HashMap<>();
        for (int pixel : rgb) {
            counts.merge(pixel & 0xFFFFFF, 1, Integer::sum);
        }
        counts.forEach((colour, count) -> {
            if ((long) count * LEAST >= rgb.length) {
                weights.merge(colour, Math.sqrt(count / (double) rgb.length), Double::sum);
            }
        });
    }

    /**
     * The colours there are most of, {@code 0xRRGGBB}, none of them like another.
     *
     * @param most so many at the most
     */
    public List<Integer> most(int most) {
        List<Integer> chosen = new ArrayList<>();
        weights.entrySet().stream()
                .sorted(Map.Entry.<Integer, Double>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .forEachOrdered(colour -> {
                    if (chosen.size() < most && chosen.stream().noneMatch(c -> alike(c, colour))) {
                        chosen.add(colour);
                    }
                });
        return chosen;
    }

    private static boolean alike(int one, int other) {
        return Math.abs((one >> 16 & 255) - (other >> 16 & 255)) < ALIKE
                && Math.abs((one >> 8 & 255) - (other >> 8 & 255)) < ALIKE
                && Math.abs((one & 255) - (other & 255)) < ALIKE;
    }
}
