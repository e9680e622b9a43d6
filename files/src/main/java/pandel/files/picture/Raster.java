package pandel.files.picture;

import java.awt.image.BufferedImage;

/**
 * Decoded pixels.
 *
 * @param argb rows from the top, each {@code width} pixels, as {@code 0xAARRGGBB}, not premultiplied
 */
public record Raster(int width, int height, int[] argb) {

    static Raster of(BufferedImage image) {
        int[] argb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new Raster(image.getWidth(), image.getHeight(), argb);
    }

    BufferedImage image() {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, width, height, argb, 0, width);
        return image;
    }

    /** The picture shrunk so that it is at most that wide, each pixel the mean of those it covers; itself when it is not wider. */
    public Raster shrunkTo(int most) {
        if (width <= most) {
            return this;
        }
        int w = most;
        int h = Math.max(1, (int) Math.round((double) height * most / width));
        int[] small = new int[w * h];
        for (int y = 0; y < h; y++) {
            int y0 = (int) ((long) y * height / h);
            int y1 = Math.max(y0 + 1, (int) ((long) (y + 1) * height / h));
            for (int x = 0; x < w; x++) {
                int x0 = (int) ((long) x * width / w);
                int x1 = Math.max(x0 + 1, (int) ((long) (x + 1) * width / w));
                small[y * w + x] = mean(x0, y0, x1, y1);
            }
        }
        return new Raster(w, h, small);
    }

    /** Colours are weighed by their opacity, so that clear pixels do not darken an edge. */
    private int mean(int x0, int y0, int x1, int y1) {
        long a = 0;
        long r = 0;
        long g = 0;
        long b = 0;
        for (int y = y0; y < y1; y++) {
            for (int x = x0; x < x1; x++) {
                int p = argb[y * width + x];
                int alpha = p >>> 24;
                a += alpha;
                r += (long) (p >> 16 & 255) * alpha;
                g += (long) (p >> 8 & 255) * alpha;
                b += (long) (p & 255) * alpha;
            }
        }
        if (a == 0) {
            return 0;
        }
        long n = (long) (x1 - x0) * (y1 - y0);
        return (int) (a / n) << 24 | (int) (r / a) << 16 | (int) (g / a) << 8 | (int) (b / a);
    }
}
