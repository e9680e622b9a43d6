package pandel.core.areas;

/** What something looks like in 8 × 8 points: each is inked or ground, so that colours and small blurs do not count. */
final class Ink {

    private static final int SIDE = 8;

    /** Signs that have this share of the points of either in common are the same. */
    private static final double SAME = 0.5;

    private Ink() {}

    /** The points of what is in a box, row by row, the first in the lowest bit. */
    static long of(Pixels pixels, Box box) {
        double[] light = new double[SIDE * SIDE];
        double least = 255;
        double most = 0;
        for (int i = 0; i < light.length; i++) {
            light[i] = light(pixels, box, i % SIDE, i / SIDE);
            least = Math.min(least, light[i]);
            most = Math.max(most, light[i]);
        }
        double ground = light[0];
        long points = 0;
        for (int i = 0; i < light.length; i++) {
            if (Math.abs(light[i] - ground) > (most - least) / 2) {
                points |= 1L << i;
            }
        }
        return points;
    }

    static boolean same(long one, long other) {
        return Long.bitCount(one & other) >= SAME * Long.bitCount(one | other);
    }

    /** The mean of a point's pixels: what the eye takes for lightness (ITU-R BT.601), 0 to 255. */
    private static double light(Pixels pixels, Box box, int column, int row) {
        int left = box.left() + column * box.width() / SIDE;
        int right = Math.max(left + 1, box.left() + (column + 1) * box.width() / SIDE);
        int top = box.top() + row * box.height() / SIDE;
        int bottom = Math.max(top + 1, box.top() + (row + 1) * box.height() / SIDE);
        double sum = 0;
        int count = 0;
        for (int y = top; y < Math.min(bottom, pixels.height()); y++) {
            for (int x = left; x < Math.min(right, pixels.width()); x++) {
                int rgb = pixels.rgb()[y * pixels.width() + x];
                sum += 0.299 * (rgb >> 16 & 255) + 0.587 * (rgb >> 8 & 255) + 0.114 * (rgb & 255);
                count++;
            }
        }
        return count == 0 ? 0 : sum / count;
    }
}
