package pandel.core.model.device;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import pandel.core.model.rest.Rest;

/**
 * A device the prototype will be seen on.
 *
 * @param width px, more than 0
 * @param height px, more than 0
 * @param scale device pixels for each px
 * @param levels how many levels it can show, the base included; 0: any number
 * @param cannot what else it refuses
 */
@RecordBuilder
public record Device(
        String id,
        String title,
        double width,
        double height,
        double scale,
        Back back,
        Pointing pointing,
        int levels,
        Set<Cannot> cannot,
        Rest rest)
        implements DeviceBuilder.With {

    private static final double HELD_BELOW = 1000;
    private static final double HELD = 160;
    private static final double CSS_INCH = 96;

    /** How the device itself goes back. */
    public enum Back {
        NONE,
        BUTTON,
        SWIPE,
        SWIPE_FROM_RIGHT,
        SWIPE_FROM_BOTH;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /** What a person points with. */
    public enum Pointing {
        TOUCH,
        MOUSE,
        BOTH;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A phone with a back button. */
    public static final Device PHONE =
            new Device("phone", "Phone", 400, 840, 3, Back.BUTTON, Pointing.TOUCH, 0, Set.of(), Rest.NONE);
    /** A narrower phone with a back swipe. */
    public static final Device SMALL_PHONE =
            new Device("small-phone", "Small phone", 340, 620, 2, Back.SWIPE, Pointing.TOUCH, 0, Set.of(), Rest.NONE);
    /** A standing tablet with a back swipe. */
    public static final Device TABLET =
            new Device("tablet", "Tablet", 800, 1200, 2, Back.SWIPE, Pointing.TOUCH, 0, Set.of(), Rest.NONE);
    /** A wall-mounted screen with no back of its own. */
    public static final Device KIOSK =
            new Device("kiosk", "Kiosk", 1000, 1800, 1, Back.NONE, Pointing.TOUCH, 0, Set.of(), Rest.NONE);

    /** A tablet on its side. */
    public static final Device TABLET_ON_ITS_SIDE = new Device(
            "tablet-on-its-side",
            "Tablet on its side",
            1200,
            800,
            2,
            Back.SWIPE,
            Pointing.TOUCH,
            0,
            Set.of(),
            Rest.NONE);

    /** A screen with a mouse. */
    public static final Device DESKTOP =
            new Device("desktop", "Desktop", 1400, 900, 1, Back.NONE, Pointing.MOUSE, 0, Set.of(), Rest.NONE);

    /** A small round or square screen worn at the wrist, that shows two things above one another at most. */
    public static final Device WATCH = new Device(
            "watch",
            "Watch",
            200,
            240,
            2,
            Back.SWIPE,
            Pointing.TOUCH,
            2,
            Set.of(Cannot.ADVANCE_FROM_A_SEQUENCE, Cannot.DRAWERS),
            Rest.NONE);

    /**
     * @param wide px
     * @param high px
     */
    public Device withSize(double wide, double high) {
        return new Device(id, title, wide, high, scale, back, pointing, levels, cannot, rest);
    }

    /** Those offered, small to large. */
    public static final java.util.List<Device> OFFERED =
            java.util.List.of(WATCH, SMALL_PHONE, PHONE, TABLET, TABLET_ON_ITS_SIDE, DESKTOP, KIOSK);

    /** Least and most px of a side. */
    public static final double LEAST = 40;

    public static final double MOST = 10_000;

    public Device {
        if (!(width > 0) || !(height > 0) || !(scale > 0)) {
            throw new IllegalArgumentException("A device has a size and a scale above 0");
        }
        cannot = Collections.unmodifiableSet(new TreeSet<>(cannot));
        if (levels < 0) {
            throw new IllegalArgumentException("A device shows one level or more; 0 says any number");
        }
    }

    /**
     * Its px to an inch, as it is held: 160 on what is touched and narrower than 1000 px, 96 (the CSS inch) on anything
     * else.
     */
    public double pxAnInch() {
        return pointing != Pointing.MOUSE && width < HELD_BELOW ? HELD : CSS_INCH;
    }

    /** Whether it ever sends device back. */
    public boolean goesBack() {
        return back != Back.NONE;
    }

    /** Whether a swipe from an edge is its back. */
    public boolean goesBackBy(Gesture edge) {
        return edge == Gesture.EDGE_SWIPE_LEFT && (back == Back.SWIPE || back == Back.SWIPE_FROM_BOTH)
                || edge == Gesture.EDGE_SWIPE_RIGHT && (back == Back.SWIPE_FROM_RIGHT || back == Back.SWIPE_FROM_BOTH);
    }

    /** Whether it refuses something, as somebody said it does. */
    public boolean refuses(Cannot what) {
        return cannot.contains(what);
    }

    /** Whether a person can swipe on it; a mouse makes no swipes. */
    public boolean swipes() {
        return pointing != Pointing.MOUSE;
    }
}
