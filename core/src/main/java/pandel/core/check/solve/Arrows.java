package pandel.core.check.solve;

import java.util.Arrays;
import java.util.BitSet;
import java.util.function.IntConsumer;

/**
 * Arrows between numbered points, kept in plain arrays: with six points for each cell and some arrows for each turn a
 * graph of objects would cost ten times the room. Filled first, then asked.
 */
public final class Arrows {

    private final int points;
    private int[] from;
    private int[] to;
    private int size;
    private int[] firstBefore = {};
    private int[] before = {};
    private int[] firstAfter = {};
    private int[] after = {};

    /** @param points numbers from 0 up to, not including, it */
    public Arrows(int points) {
        this.points = points;
        this.from = new int[Math.max(16, points)];
        this.to = new int[Math.max(16, points)];
    }

    public void add(int a, int b) {
        if (size == from.length) {
            from = Arrays.copyOf(from, 2 * size);
            to = Arrays.copyOf(to, 2 * size);
        }
        from[size] = a;
        to[size++] = b;
    }

    /** To be called once all are added. */
    public void sort() {
        firstBefore = first(to);
        before = sorted(to, from, firstBefore);
        firstAfter = first(from);
        after = sorted(from, to, firstAfter);
    }

    private int[] first(int[] by) {
        int[] first = new int[points + 1];
        for (int e = 0; e < size; e++) {
            first[by[e] + 1]++;
        }
        for (int i = 0; i < points; i++) {
            first[i + 1] += first[i];
        }
        return first;
    }

    private int[] sorted(int[] by, int[] values, int[] first) {
        int[] filled = Arrays.copyOf(first, points);
        int[] sorted = new int[size];
        for (int e = 0; e < size; e++) {
            sorted[filled[by[e]]++] = values[e];
        }
        return sorted;
    }

    public void eachAfter(int point, IntConsumer then) {
        for (int e = firstAfter[point]; e < firstAfter[point + 1]; e++) {
            then.accept(after[e]);
        }
    }

    /** All points from which some of these can be come to, these among them. */
    public BitSet leadingTo(BitSet points) {
        return walk(points, firstBefore, before);
    }

    /** All points that can be come to from some of these, these among them. */
    public BitSet comingFrom(BitSet points) {
        return walk(points, firstAfter, after);
    }

    private BitSet walk(BitSet start, int[] first, int[] next) {
        BitSet reached = (BitSet) start.clone();
        int[] horizon = new int[points];
        int waiting = 0;
        for (int p = start.nextSetBit(0); p >= 0; p = start.nextSetBit(p + 1)) {
            horizon[waiting++] = p;
        }
        while (waiting > 0) {
            int p = horizon[--waiting];
            for (int e = first[p]; e < first[p + 1]; e++) {
                if (!reached.get(next[e])) {
                    reached.set(next[e]);
                    horizon[waiting++] = next[e];
                }
            }
        }
        return reached;
    }
}
