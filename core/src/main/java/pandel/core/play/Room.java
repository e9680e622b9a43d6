package pandel.core.play;

import pandel.core.model.Drawer;
import pandel.core.model.Pair;
import pandel.core.model.Prototype;
import pandel.core.model.Width;

/**
 * Where a level's page stands across a device: beside the drawers that are always there, and beside its list.
 *
 * @param x     px from the device's left edge
 * @param width px
 * @param on    the width by which mocks and areas are chosen: that of the device, of each side of a pair that of the side
 */
public record Room(double x, double width, Width on) {

    /** Least px that is left for a page. */
    private static final double LEAST = 1;

    /** All of a device of some px width. */
    public static Room whole(double deviceWidth) {
        return new Room(0, deviceWidth, Width.of(deviceWidth));
    }

    /** Where the current place of a level stands: all of that, or beside its list. @param level counted from 0, the base */
    public static Room of(Prototype prototype, Situation now, int level) {
        return Pairs.beside(prototype, now, level).map(b -> b.whole().detail(b.pair())).orElseGet(() -> whole(prototype, now, level));
    }

    /** Where the list of a pair stands in it. */
    public Room list(Pair pair) {
        double wide = Math.rint(width * pair.share() / 100);
        return new Room(x, wide, Width.of(wide));
    }

    /** What is left beside the list of a pair. */
    public Room detail(Pair pair) {
        double list = list(pair).width();
        return new Room(x + list, width - list, Width.of(width - list));
    }

    /** All that is left beside the drawers that stay on a level, and the strips at its side. @param level counted from 0, the base */
    public static Room whole(Prototype prototype, Situation now, int level) {
        double left = 0;
        double right = 0;
        for (Drawer drawer : now.drawers(prototype, level)) {
            if (drawer.staysAt(now.width())) {
                double wide = drawer.widthAt(now.width());
                left += drawer.panel().side() == Drawer.Side.LEFT ? wide : 0;
                right += drawer.panel().side() == Drawer.Side.RIGHT ? wide : 0;
            }
        }
        Trail trail = now.levels().get(level).trail();
        if (!trail.around().isEmpty()) {
            left += StripPlace.wideAtSide(prototype, Situation.around(trail), trail.current().screen(), Width.of(now.width()));
        }
        return left + right == 0 ? whole(now.width()) : new Room(left, Math.max(LEAST, now.width() - left - right), Width.of(now.width()));
    }

    /** px from the device's left edge at which strips begin, and where they end: all that is left beside the drawers that stay. @param level counted from 0, the base */
    public static Room ofStrips(Prototype prototype, Situation now, int level) {
        Room whole = whole(prototype, now, level);
        Trail trail = now.levels().get(level).trail();
        double strips = StripPlace.wideAtSide(prototype, Situation.around(trail), trail.current().screen(), Width.of(now.width()));
        return new Room(whole.x() - strips, whole.width() + strips, whole.on());
    }

    /** Of the top level. */
    public static Room of(Prototype prototype, Situation now) {
        return of(prototype, now, now.levels().size() - 1);
    }
}
