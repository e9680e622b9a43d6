package pandel.files.picture;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;
import java.awt.image.PixelInterleavedSampleModel;
import java.util.Optional;

/**
 * Decoded pixels.
 *
 * @param argb rows from the top, each {@code width} pixels, as {@code 0xAARRGGBB}, not premultiplied
 */
public record Raster(int width, int height, int[] argb) {

    /** How much two colours may differ in a channel and be taken for one. */
    private static final int NEAR = 30;

    /** Opacity from which something is seen, of 255. */
    private static final int SEEN = 230;

    static Raster of(BufferedImage image) {
        int w = image.getWidth();
        int h = image.getHeight();
        return new Raster(
                w, h, interleaved(image).or(() -> grey(image)).orElseGet(() -> image.getRGB(0, 0, w, h, null, 0, w)));
    }

    /** Bytes side by side in sRGB, as decoders mostly give them, without a colour conversion for each pixel. */
    private static Optional<int[]> interleaved(BufferedImage image) {
        if (!(image.getRaster().getDataBuffer() instanceof DataBufferByte buffer)
                || buffer.getNumBanks() != 1
                || !(image.getSampleModel() instanceof PixelInterleavedSampleModel model)
                || !image.getColorModel().getColorSpace().isCS_sRGB()
                || image.getColorModel().isAlphaPremultiplied()
                || model.getNumBands() < 3
                || image.getRaster().getSampleModelTranslateX() != 0
                || image.getRaster().getSampleModelTranslateY() != 0) {
            return Optional.empty();
        }
        byte[] bytes = buffer.getData();
        int[] offsets = model.getBandOffsets();
        int each = model.getPixelStride();
        int[] argb = new int[image.getWidth() * image.getHeight()];
        for (int y = 0, to = 0; y < image.getHeight(); y++) {
            int at = buffer.getOffset() + y * model.getScanlineStride();
            for (int x = 0; x < image.getWidth(); x++, at += each, to++) {
                int alpha = offsets.length == 4 ? bytes[at + offsets[3]] & 255 : 255;
                argb[to] = alpha << 24
                        | (bytes[at + offsets[0]] & 255) << 16
                        | (bytes[at + offsets[1]] & 255) << 8
                        | bytes[at + offsets[2]] & 255;
            }
        }
        return Optional.of(argb);
    }

    /**
     * Grey as it is written: files hold it with sRGB's curve (PNG 1.2, 2.7; JFIF), where Java takes it for amounts of
     * light and would show it far too light.
     */
    private static Optional<int[]> grey(BufferedImage image) {
        if (image.getColorModel() instanceof IndexColorModel
                || image.getColorModel().getColorSpace().getType() != ColorSpace.TYPE_GRAY
                || image.getColorModel().isAlphaPremultiplied()) {
            return Optional.empty();
        }
        int bits = image.getSampleModel().getSampleSize(0);
        long most = (1L << bits) - 1;
        boolean clear = image.getRaster().getNumBands() > 1;
        int[] argb = new int[image.getWidth() * image.getHeight()];
        int[] row = new int[image.getWidth()];
        int[] alphas = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRaster().getSamples(0, y, image.getWidth(), 1, 0, row);
            if (clear) {
                image.getRaster().getSamples(0, y, image.getWidth(), 1, 1, alphas);
            }
            for (int x = 0; x < row.length; x++) {
                int grey = (int) ((row[x] & most) * 255 / most);
                int alpha = clear ? (int) ((alphas[x] & most) * 255 / most) : 255;
                argb[y * image.getWidth() + x] = alpha << 24 | grey << 16 | grey << 8 | grey;
            }
        }
        return Optional.of(argb);
    }

    BufferedImage image() {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, width, height, argb, 0, width);
        return image;
    }

    /**
     * The picture shrunk so that it is at most that wide, each pixel the mean of those it covers; itself when it is not
     * wider.
     */
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

    /** Whether all that is seen of it is of one colour; not where nothing is. */
    public boolean isOfOneColour() {
        int first = 0;
        for (int at : argb) {
            if (at >>> 24 < SEEN) {
                continue;
            }
            first = first == 0 ? at : first;
            for (int shift = 0; shift <= 16; shift += 8) {
                if (Math.abs((at >> shift & 255) - (first >> shift & 255)) > NEAR) {
                    return false;
                }
            }
        }
        return first != 0;
    }
}
