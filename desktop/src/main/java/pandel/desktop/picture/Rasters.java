package pandel.desktop.picture;

import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import pandel.files.picture.Raster;

/** What is shown, as pixels. */
public final class Rasters {

    private Rasters() {}

    /** All pixels of an image. */
    public static Raster of(Image image) {
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        int[] argb = new int[w * h];
        image.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), argb, 0, w);
        return new Raster(w, h, argb);
    }
}
