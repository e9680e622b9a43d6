package pandel.files.replace;

import pandel.core.model.screen.Area;
import pandel.core.model.screen.Picture;
import pandel.files.picture.Raster;

/** What lies under a hotspot, before and after. */
public final class Ground {

    /** Difference of brightness, of 255, from which a point counts as another. */
    private static final double OTHER = 28;
    /** Share of such points from which the ground does: most of a row is blank before and after. */
    private static final double SHARE = 0.06;

    private static final int STEPS = 32;

    private Ground() {}

    /** Whether an area still lies on a mock, all of it. */
    public static boolean holds(Picture mock, Area area) {
        return area.x() >= -0.5
                && area.y() >= -0.5
                && area.right() <= mock.width() + 0.5
                && area.bottom() <= mock.height() + 0.5;
    }

    /** Whether the pixels under an area differ, compared at a grid of points in px. */
    public static boolean changed(Raster before, Picture old, Raster after, Picture fresh, Area area) {
        int others = 0;
        for (int j = 0; j < STEPS; j++) {
            for (int i = 0; i < STEPS; i++) {
                double x = area.x() + area.width() * (i + 0.5) / STEPS;
                double y = area.y() + area.height() * (j + 0.5) / STEPS;
                boolean other = Math.abs(brightness(before, x / old.width(), y / old.height())
                                - brightness(after, x / fresh.width(), y / fresh.height()))
                        > OTHER;
                others += other ? 1 : 0;
            }
        }
        return others > SHARE * STEPS * STEPS;
    }

    /** @param x share of the width, from 0 to 1 */
    private static double brightness(Raster raster, double x, double y) {
        int column = (int) Math.clamp(x * raster.width(), 0, raster.width() - 1);
        int row = (int) Math.clamp(y * raster.height(), 0, raster.height() - 1);
        int p = raster.argb()[row * raster.width() + column];
        double a = (p >>> 24) / 255.0;
        double lit = 0.2126 * (p >> 16 & 255) + 0.7152 * (p >> 8 & 255) + 0.0722 * (p & 255);
        return lit * a + 255 * (1 - a);
    }
}
