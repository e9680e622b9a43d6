package pandel.core.areas;

import java.util.Arrays;

/**
 * The even parts of a picture: pixels that differ little from their neighbours and from the one three back, so that
 * gentle gradients hold together and blurred edges do not. Which parts touch one another is known (8 neighbours).
 */
final class Parts {

    /** So far neighbours may be apart in a channel. */
    private static final int NEAR = 4;

    /** As far back a pixel is looked at besides its neighbour. */
    private static final int BACK = 3;

    private final int width;
    private final int height;
    private final int[] of;
    private final int count;
    private final int[] left;
    private final int[] top;
    private final int[] right;
    private final int[] bottom;
    private final int[] size;
    /** The touching parts of part i stand from {@code first[i]} up to {@code first[i + 1]}. */
    private final int[] first;

    private final int[] touching;

    Parts(Pixels pixels) {
        width = pixels.width();
        height = pixels.height();
        of = joined(pixels);
        count = numbered(of);
        left = new int[count];
        top = new int[count];
        right = new int[count];
        bottom = new int[count];
        size = new int[count];
        Arrays.fill(left, Integer.MAX_VALUE);
        Arrays.fill(top, Integer.MAX_VALUE);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int part = of[y * width + x];
                left[part] = Math.min(left[part], x);
                right[part] = Math.max(right[part], x + 1);
                top[part] = Math.min(top[part], y);
                bottom[part] = Math.max(bottom[part], y + 1);
                size[part]++;
            }
        }
        long[] pairs = isNoise() ? new long[0] : pairs();
        first = new int[count + 1];
        touching = new int[pairs.length];
        for (int i = 0; i < pairs.length; i++) {
            first[(int) (pairs[i] >>> 32) + 1]++;
            touching[i] = (int) pairs[i];
        }
        for (int i = 0; i < count; i++) {
            first[i + 1] += first[i];
        }
    }

    int count() {
        return count;
    }

    /** Whether hardly two pixels hold together, so that nothing can be told apart; then nothing touches anything. */
    boolean isNoise() {
        return count > 64 && 2 * count > of.length;
    }

    Box box(int part) {
        return new Box(left[part], top[part], right[part], bottom[part]);
    }

    /** Pixels of a part. */
    int size(int part) {
        return size[part];
    }

    int firstTouching(int part) {
        return first[part];
    }

    int endTouching(int part) {
        return first[part + 1];
    }

    int touching(int index) {
        return touching[index];
    }

    Box all() {
        return new Box(0, 0, width, height);
    }

    /** For each pixel the first pixel of its part (union and find with halved paths). */
    private int[] joined(Pixels pixels) {
        int[] parent = new int[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                parent[i] = i;
                if (x > 0 && near(pixels, i, 1, x)) {
                    join(parent, i, i - 1);
                }
                if (y > 0 && near(pixels, i, width, y)) {
                    join(parent, i, i - width);
                }
            }
        }
        return parent;
    }

    /** Whether a pixel belongs with the one before it, in steps along a row or a column of which it is the nth. */
    private static boolean near(Pixels pixels, int i, int step, int nth) {
        return pixels.apart(i, i - step) <= NEAR
                && (nth < BACK || pixels.apart(i, i - BACK * step) <= NEAR || pixels.apart(i, i - step) <= 1);
    }

    private static int first(int[] parent, int i) {
        int now = i;
        while (parent[now] != now) {
            parent[now] = parent[parent[now]];
            now = parent[now];
        }
        return now;
    }

    private static void join(int[] parent, int one, int other) {
        int a = first(parent, one);
        int b = first(parent, other);
        parent[Math.max(a, b)] = Math.min(a, b);
    }

    /** First pixels become numbers from 0. */
    private static int numbered(int[] parent) {
        int next = 0;
        // A first pixel stands before all others of its part, so its number is known when they are met.
        int[] number = new int[parent.length];
        for (int i = 0; i < parent.length; i++) {
            int root = first(parent, i);
            if (root == i) {
                number[i] = next++;
            } else {
                number[i] = number[root];
            }
        }
        System.arraycopy(number, 0, parent, 0, number.length);
        return next;
    }

    /** Each touch of two parts, both ways round, once, in order. */
    private long[] pairs() {
        long[] found = new long[1024];
        int count = 0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (count + 8 > found.length) {
                    count = once(found, count);
                    if (count + 8 > found.length / 2) {
                        found = Arrays.copyOf(found, found.length * 2);
                    }
                }
                if (x > 0) {
                    count = touch(found, count, of[i], of[i - 1]);
                }
                if (y > 0) {
                    count = touch(found, count, of[i], of[i - width]);
                    if (x > 0) {
                        count = touch(found, count, of[i], of[i - width - 1]);
                    }
                    if (x + 1 < width) {
                        count = touch(found, count, of[i], of[i - width + 1]);
                    }
                }
            }
        }
        return Arrays.copyOf(found, once(found, count));
    }

    private static int touch(long[] found, int count, int one, int other) {
        if (one == other) {
            return count;
        }
        found[count] = (long) one << 32 | other;
        found[count + 1] = (long) other << 32 | one;
        return count + 2;
    }

    private static int once(long[] found, int count) {
        Arrays.sort(found, 0, count);
        int kept = 0;
        for (int i = 0; i < count; i++) {
            if (i == 0 || found[i] != found[i - 1]) {
                found[kept++] = found[i];
            }
        }
        return kept;
    }
}
