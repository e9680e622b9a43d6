package pandel.files.replace;

import java.util.Optional;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Picture;
import pandel.files.picture.Raster;

/**
 * Where what stands under an area of one picture stands on another: the marks in it, without the blank around them, are
 * laid over every place of the other, and the best one taken if it is good (normalised cross-correlation, Lewis 1995).
 */
public final class AreaSearch {

    /** Correlation from which two places are the same thing. */
    private static final double GOOD = 0.84;
    /** Share of the width from which an area counts as going all across. */
    private static final double ACROSS = 0.8;

    private static final int MARK = 26;
    private static final int LEAST = 3;
    /** Points of the grid to a px. */
    private static final double FINE = 0.5;

    private AreaSearch() {}

    /** Brightness at a grid of points, row by row. */
    private record Grey(int width, int height, float[] of) {

        static Grey of(Raster raster, Picture picture) {
            int w = Math.max(1, (int) Math.round(picture.width() * FINE));
            int h = Math.max(1, (int) Math.round(picture.height() * FINE));
            float[] grey = new float[w * h];
            double sx = (double) raster.width() / w;
            double sy = (double) raster.height() / h;
            for (int y = 0; y < h; y++) {
                for (int x = 0; x < w; x++) {
                    grey[y * w + x] = mean(raster, x * sx, y * sy, (x + 1) * sx, (y + 1) * sy);
                }
            }
            return new Grey(w, h, blurred(w, h, grey));
        }

        /** So that it matters little that one picture lies between the grid's points of the other. */
        private static float[] blurred(int w, int h, float[] sharp) {
            float[] soft = new float[sharp.length];
            for (int y = 0; y < h; y++) {
                for (int x = 0; x < w; x++) {
                    float sum = 0;
                    int n = 0;
                    for (int j = Math.max(0, y - 1); j <= Math.min(h - 1, y + 1); j++) {
                        for (int i = Math.max(0, x - 1); i <= Math.min(w - 1, x + 1); i++) {
                            sum += sharp[j * w + i];
                            n++;
                        }
                    }
                    soft[y * w + x] = sum / n;
                }
            }
            return soft;
        }

        private static float mean(Raster r, double x1, double y1, double x2, double y2) {
            float sum = 0;
            int n = 0;
            for (int y = (int) y1; y < Math.min(r.height(), Math.max((int) y1 + 1, y2)); y++) {
                for (int x = (int) x1; x < Math.min(r.width(), Math.max((int) x1 + 1, x2)); x++) {
                    int p = r.argb()[y * r.width() + x];
                    float a = (p >>> 24) / 255f;
                    sum += (0.2126f * (p >> 16 & 255) + 0.7152f * (p >> 8 & 255) + 0.0722f * (p & 255)) * a
                            + 255 * (1 - a);
                    n++;
                }
            }
            return n == 0 ? 255 : sum / n;
        }

        float at(int x, int y) {
            return of[y * width + x];
        }
    }

    /** A rectangle of grid points. */
    private record Spot(int x, int y, int width, int height) {}

    /** The area on the other picture, or empty when nothing there is like it. */
    public static Optional<Area> find(Raster from, Picture fromPicture, Area area, Raster to, Picture toPicture) {
        Grey a = Grey.of(from, fromPicture);
        Grey b = Grey.of(to, toPicture);
        Spot whole = new Spot(
                (int) Math.clamp(area.x() * FINE, 0, a.width() - 1),
                (int) Math.clamp(area.y() * FINE, 0, a.height() - 1),
                (int) Math.max(1, Math.min(area.width() * FINE, a.width() - area.x() * FINE)),
                (int) Math.max(1, Math.min(area.height() * FINE, a.height() - area.y() * FINE)));
        Optional<Spot> marks = marks(a, whole);
        if (marks.isEmpty() || marks.get().width() > b.width() || marks.get().height() > b.height()) {
            return Optional.empty();
        }
        Spot m = marks.get();
        double best = GOOD;
        int bestX = -1;
        int bestY = -1;
        for (int y = 0; y + m.height() <= b.height(); y++) {
            for (int x = 0; x + m.width() <= b.width(); x++) {
                double like = correlation(a, m, b, x, y);
                if (like > best) {
                    best = like;
                    bestX = x;
                    bestY = y;
                }
            }
        }
        if (bestX < 0) {
            return Optional.empty();
        }
        double left = (m.x() - whole.x()) / FINE;
        double y = bestY / FINE - (m.y() - whole.y()) / FINE;
        if (area.width() >= ACROSS * fromPicture.width()) {
            double margin = area.x() * toPicture.width() / fromPicture.width();
            return Optional.of(
                    new Area(margin, y, area.width() * toPicture.width() / fromPicture.width(), area.height())
                            .within(toPicture.width(), toPicture.height())
                            .rounded());
        }
        return Optional.of(new Area(bestX / FINE - left, y, area.width(), area.height())
                .within(toPicture.width(), toPicture.height())
                .rounded());
    }

    /** The smallest rectangle around what differs from the ground, which is the brightness met most often. */
    private static Optional<Spot> marks(Grey grey, Spot in) {
        int[] often = new int[32];
        for (int y = in.y(); y < in.y() + in.height(); y++) {
            for (int x = in.x(); x < in.x() + in.width(); x++) {
                often[(int) Math.clamp(grey.at(x, y) / 8, 0, 31)]++;
            }
        }
        int most = 0;
        for (int i = 1; i < often.length; i++) {
            most = often[i] > often[most] ? i : most;
        }
        float ground = most * 8 + 4;
        int x1 = Integer.MAX_VALUE;
        int y1 = Integer.MAX_VALUE;
        int x2 = -1;
        int y2 = -1;
        for (int y = in.y(); y < in.y() + in.height(); y++) {
            for (int x = in.x(); x < in.x() + in.width(); x++) {
                // Lines at the very edge belong to what lies around.
                boolean edge = x - in.x() < 2
                        || y - in.y() < 2
                        || in.x() + in.width() - x <= 2
                        || in.y() + in.height() - y <= 2;
                if (!edge && Math.abs(grey.at(x, y) - ground) > MARK) {
                    x1 = Math.min(x1, x);
                    y1 = Math.min(y1, y);
                    x2 = Math.max(x2, x);
                    y2 = Math.max(y2, y);
                }
            }
        }
        return x2 - x1 < LEAST || y2 - y1 < LEAST
                ? Optional.empty()
                : Optional.of(new Spot(x1, y1, Math.min(x2 - x1 + 1, 120), y2 - y1 + 1));
    }

    private static double correlation(Grey a, Spot m, Grey b, int bx, int by) {
        // A quick look at a few points spares most places the whole sum.
        int far = 0;
        for (int i = 0; i < 8; i++) {
            int x = m.width() * (2 * i + 1) / 16;
            int y = m.height() * ((i * 5) % 8 * 2 + 1) / 16;
            far += Math.abs(a.at(m.x() + x, m.y() + y) - b.at(bx + x, by + y)) > 90 ? 1 : 0;
        }
        if (far > 3) {
            return 0;
        }
        double sa = 0;
        double sb = 0;
        double saa = 0;
        double sbb = 0;
        double sab = 0;
        int n = m.width() * m.height();
        for (int y = 0; y < m.height(); y++) {
            for (int x = 0; x < m.width(); x++) {
                double va = a.at(m.x() + x, m.y() + y);
                double vb = b.at(bx + x, by + y);
                sa += va;
                sb += vb;
                saa += va * va;
                sbb += vb * vb;
                sab += va * vb;
            }
        }
        double da = saa - sa * sa / n;
        double db = sbb - sb * sb / n;
        return da < 1 || db < 1 ? 0 : (sab - sa * sb / n) / Math.sqrt(da * db);
    }
}
