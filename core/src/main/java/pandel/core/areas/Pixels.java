package pandel.core.areas;

/**
 * The pixels of a picture, row by row from the upper left corner.
 *
 * @param width columns, 1 or more
 * @param height rows, 1 or more
 * @param rgb {@code 0xRRGGBB}; what lies above the low 24 bits is not looked at
 */
public record Pixels(int width, int height, int[] rgb) {

    public Pixels {
        if (width < 1 || height < 1 || rgb.length != width * height) {
            throw new IllegalArgumentException("Pixels are " + width + " × " + height + ", not " + rgb.length);
        }
    }

    /**
     * The same picture with a pixel for each {@code scale} by {@code scale} of it, each the mean of those it stands
     * for: the noise of compressed pictures and the blur of enlarged ones mostly go with it.
     *
     * @param scale more than 1, else the picture stays as it is
     */
    public Pixels shrunk(double scale) {
        if (!(scale > 1)) {
            return this;
        }
        int w = Math.max(1, (int) Math.round(width / scale));
        int h = Math.max(1, (int) Math.round(height / scale));
        int[] small = new int[w * h];
        int[] from = new int[w + 1];
        for (int x = 0; x <= w; x++) {
            from[x] = (int) ((long) x * width / w);
        }
        for (int y = 0; y < h; y++) {
            int top = (int) ((long) y * height / h);
            int bottom = Math.max(top + 1, (int) ((long) (y + 1) * height / h));
            for (int x = 0; x < w; x++) {
                small[y * w + x] = mean(from[x], top, Math.max(from[x] + 1, from[x + 1]), bottom);
            }
        }
        return new Pixels(w, h, small);
    }

    /** The mean colour of a box. */
    int mean(Box box) {
        return mean(box.left(), box.top(), box.right(), box.bottom());
    }

    private int mean(int left, int top, int right, int bottom) {
        int red = 0;
        int green = 0;
        int blue = 0;
        for (int y = top; y < bottom; y++) {
            for (int i = y * width + left; i < y * width + right; i++) {
                red += rgb[i] >> 16 & 255;
                green += rgb[i] >> 8 & 255;
                blue += rgb[i] & 255;
            }
        }
        int count = (right - left) * (bottom - top);
        int half = count / 2;
        return (red + half) / count << 16 | (green + half) / count << 8 | (blue + half) / count;
    }

    /** How far two pixels are apart in the channel in which they differ most, 0 to 255. */
    int apart(int one, int other) {
        int a = rgb[one];
        int b = rgb[other];
        return Math.max(
                Math.abs((a >> 16 & 255) - (b >> 16 & 255)),
                Math.max(Math.abs((a >> 8 & 255) - (b >> 8 & 255)), Math.abs((a & 255) - (b & 255))));
    }
}
