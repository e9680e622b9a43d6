package pandel.core.play.layout;

import java.util.List;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.device.Widths;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.PanelSide;
import pandel.core.play.rule.DrawerRules;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Trail;

/**
 * Where a level's page stands on a device: beside the drawers that are always there and beside its list, between the
 * strips laid at its top and foot.
 *
 * @param x px from the device's left edge
 * @param width px
 * @param on the width by which mocks and areas are chosen: that of the device, of each side of a pair that of the side
 * @param top px that strips take at the top
 * @param foot px that strips take at the foot
 */
public record Room(double x, double width, Width on, double top, double foot) {

    /** Least px that is left for a page. */
    private static final double LEAST = 1;

    /** All of a device of some px width. */
    public static Room whole(Widths widths, double deviceWidth) {
        return new Room(0, deviceWidth, widths.of(deviceWidth), 0, 0);
    }

    /** Another part of the same height. */
    private Room part(double otherX, double otherWidth, Width other) {
        return new Room(otherX, otherWidth, other, top, foot);
    }

    /**
     * What the strips of the tab sets around a place leave of a device.
     *
     * @param deviceWidth px
     * @param deviceHeight px
     */
    public static Room within(
            Prototype prototype, List<EnclosingTab> around, String screen, double deviceWidth, double deviceHeight) {
        Room whole = whole(prototype.widths(), deviceWidth);
        double side = 0;
        double top = 0;
        double foot = 0;
        for (StripPlace strip : StripPlace.on(prototype, around, screen, whole.on(), deviceWidth, deviceHeight)) {
            boolean laid = strip.look() == TabSet.Side.STRIP;
            boolean above = strip.set().strip().edge() == TabSet.Edge.TOP;
            side += laid ? 0 : strip.area().width();
            top += laid && above ? strip.area().height() : 0;
            foot += laid && !above ? strip.area().height() : 0;
        }
        return new Room(side, Math.max(LEAST, deviceWidth - side), whole.on(), top, foot);
    }

    /**
     * Where the current place of a level stands: all of that, or beside its list.
     *
     * @param level counted from 0, the base
     */
    public static Room of(Prototype prototype, Situation now, int level) {
        return Pairs.beside(prototype, now, level).map(b -> b.detail()).orElseGet(() -> whole(prototype, now, level));
    }

    /** Where the list of a pair stands in it. */
    public Room list(Widths widths, Pair pair) {
        double wide = Math.rint(width * pair.share() / 100);
        return part(x, wide, widths.of(wide));
    }

    /** What is left beside the list of a pair. */
    public Room detail(Widths widths, Pair pair) {
        double list = list(widths, pair).width();
        return part(x + list, width - list, widths.of(width - list));
    }

    /**
     * All that is left beside the drawers that stay on a level, and the strips around its place.
     *
     * @param level counted from 0, the base
     */
    public static Room whole(Prototype prototype, Situation now, int level) {
        Trail trail = now.levels().get(level).trail();
        Room beside = ofStrips(prototype, now, level);
        Room strips = within(
                prototype,
                trail.around().isEmpty() ? List.of() : Situation.around(trail),
                trail.current().screen(),
                now.width(),
                now.height());
        return beside.left(strips);
    }

    /**
     * Where strips stand: all that is left beside the drawers that stay.
     *
     * @param level counted from 0, the base
     */
    public static Room ofStrips(Prototype prototype, Situation now, int level) {
        return ofStrips(prototype, now.drawers(prototype, level), now.width());
    }

    /** The same for a place on a device that is as large as usual. */
    static Room ofStrips(Prototype prototype, Device device, String screen, List<EnclosingTab> around) {
        return ofStrips(prototype, DrawerRules.attached(prototype, device, screen, around), device.width());
    }

    /** What strips leave of it. */
    private Room left(Room strips) {
        return strips.part(x + strips.x(), Math.max(LEAST, width - strips.x()), strips.on());
    }

    /** Where a place stands that no list stands beside, on a device that is as large as usual. */
    public static Room alone(Prototype prototype, Device device, String screen, List<EnclosingTab> around) {
        Room beside = ofStrips(prototype, device, screen, around);
        Room strips = within(prototype, around, screen, device.width(), device.height());
        return beside.left(strips);
    }

    private static Room ofStrips(Prototype prototype, List<Drawer> drawers, double deviceWidth) {
        double left = 0;
        double right = 0;
        for (Drawer drawer : drawers) {
            if (drawer.staysAt(deviceWidth)) {
                double wide = drawer.roomAt(deviceWidth);
                left += drawer.panel().side() == PanelSide.LEFT ? wide : 0;
                right += drawer.panel().side() == PanelSide.RIGHT ? wide : 0;
            }
        }
        Room whole = whole(prototype.widths(), deviceWidth);
        return whole.part(left, Math.max(LEAST, deviceWidth - left - right), whole.on());
    }

    /** Of the top level. */
    public static Room of(Prototype prototype, Situation now) {
        return of(prototype, now, now.levels().size() - 1);
    }
}
