package pandel.files.replace;

import dev.brachtendorf.jimagehash.hash.Hash;
import dev.brachtendorf.jimagehash.hashAlgorithms.PerceptiveHash;
import java.awt.image.BufferedImage;
import pandel.files.picture.Raster;

/**
 * How a picture looks, in few bits: a perceptual hash of its low frequencies. Pictures that people call alike differ in
 * few of them, whatever their sizes.
 *
 * @param drawn what is drawn on the ground
 * @param ratio height for each unit of width; what differs much in it is not alike however it looks
 */
public record Likeness(Hash hash, double ratio, Drawn drawn) {

    private static final int BITS = 144;
    private static final double MOST_RATIO = 1.35;

    public static Likeness of(Raster raster) {
        return new Likeness(
                new PerceptiveHash(BITS).hash(opaque(raster)),
                (double) raster.height() / raster.width(),
                Drawn.of(raster));
    }

    /** From 0, the same, to 1, nothing in common. */
    public double distance(Likeness other) {
        double ratios = Math.max(ratio, other.ratio) / Math.min(ratio, other.ratio);
        return ratios > MOST_RATIO ? 1 : hash.normalizedHammingDistance(other.hash);
    }

    /** Clear parts stand on white, as they do when shown. */
    private static BufferedImage opaque(Raster raster) {
        BufferedImage image = new BufferedImage(raster.width(), raster.height(), BufferedImage.TYPE_INT_RGB);
        int[] rgb = new int[raster.argb().length];
        for (int i = 0; i < rgb.length; i++) {
            int p = raster.argb()[i];
            int a = p >>> 24;
            rgb[i] = a == 255
                    ? p & 0xFFFFFF
                    : over(p >> 16 & 255, a) << 16 | over(p >> 8 & 255, a) << 8 | over(p & 255, a);
        }
        image.setRGB(0, 0, raster.width(), raster.height(), rgb, 0, raster.width());
        return image;
    }

    private static int over(int colour, int alpha) {
        return (colour * alpha + 255 * (255 - alpha)) / 255;
    }
}
