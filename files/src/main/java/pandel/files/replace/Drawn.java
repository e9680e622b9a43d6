package pandel.files.replace;

import pandel.files.picture.Raster;

/**
 * What is drawn on a picture's ground, small: of two pictures with a head and a button each, whether it is the same
 * head and button.
 *
 * @param marks one for each cell, rows from the top: how far it is from the ground, 0 where it is ground
 */
record Drawn(int width, int height, byte[] marks) {

    private static final int ACROSS = 96;
    /** Rows of a band. */
    private static final int BAND = 8;
    /** Steps of 255 from the ground from which on something is drawn; and up to which two marks are the same. */
    private static final int MARK = 20;

    static Drawn of(Raster picture) {
        Raster small = picture.shrunkTo(ACROSS);
        int[] light = new int[small.argb().length];
        int[] times = new int[256];
        for (int i = 0; i < light.length; i++) {
            int p = small.argb()[i];
            int a = p >>> 24;
            // Rec. 709 weights; clear parts stand on white.
            int l = (int) Math.round(0.2126 * (p >> 16 & 255) + 0.7152 * (p >> 8 & 255) + 0.0722 * (p & 255));
            light[i] = (l * a + 255 * (255 - a)) / 255;
            times[light[i]]++;
        }
        int ground = 0;
        for (int l = 1; l < times.length; l++) {
            ground = times[l] > times[ground] ? l : ground;
        }
        byte[] marks = new byte[light.length];
        for (int i = 0; i < marks.length; i++) {
            int off = Math.abs(light[i] - ground);
            marks[i] = (byte) (off < MARK ? 0 : Math.min(127, off / 2));
        }
        return new Drawn(small.width(), small.height(), marks);
    }

    /**
     * The share of what is drawn on either that is drawn alike on both, the mean of bands across the picture: a large
     * button weighs no more than a line of words. 1 where both are bare.
     */
    double sharedWith(Drawn other) {
        int rows = Math.max(height, other.height);
        double shares = 0;
        int bands = 0;
        for (int from = 0; from < rows; from += BAND) {
            int either = 0;
            int both = 0;
            for (int y = from; y < Math.min(rows, from + BAND); y++) {
                for (int x = 0; x < Math.max(width, other.width); x++) {
                    int a = at(x, y);
                    int b = other.at(x, y);
                    either += a > 0 || b > 0 ? 1 : 0;
                    both += a > 0 && b > 0 && Math.abs(a - b) < MARK ? 1 : 0;
                }
            }
            shares += either == 0 ? 0 : (double) both / either;
            bands += either == 0 ? 0 : 1;
        }
        return bands == 0 ? 1 : shares / bands;
    }

    private int at(int x, int y) {
        return x < width && y < height ? marks[y * width + x] : 0;
    }
}
