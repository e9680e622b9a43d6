package pandel.cli;

import java.io.IOException;
import java.util.Random;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;

/**
 * A made-up picture of a phone at three pixels for each px: stripes of plain colour, and noise that no compression
 * makes smaller.
 */
final class MadePicture {

    static final int WIDE = 1170;
    static final int HIGH = 2532;
    static final double SCALE = 3;
    private static final int STRIPE = 120;
    private static final int BYTES_A_PIXEL = 3;

    private MadePicture() {}

    /** A PNG of about so many kilobytes, the same for the same seed. */
    static byte[] png(long seed, int kilobytes) throws IOException {
        Random random = new Random(seed);
        int[] argb = new int[WIDE * HIGH];
        int noise = Math.min(argb.length, kilobytes * 1024 / BYTES_A_PIXEL);
        int color = 0;
        for (int i = 0; i < argb.length; i++) {
            if (i % (WIDE * STRIPE) == 0) {
                color = random.nextInt(0x1000000);
            }
            argb[i] = 0xFF000000 | (argb.length - i <= noise ? random.nextInt(0x1000000) : color);
        }
        return Pictures.png(new Raster(WIDE, HIGH, argb));
    }
}
