package pandel.core.model.device;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Where one class of widths ends and the next begins.
 *
 * @param medium px from which a device is no longer narrow, above what the narrowest device has
 * @param wide px from which it is wide, more than that
 */
@RecordBuilder
public record Widths(int medium, int wide) {

    /** Narrow under 640 px, wide from 1000 px. */
    public static final Widths USUAL = new Widths(640, 1000);
    /** px between which both lie. */
    public static final int LEAST = 41;

    public static final int MOST = 10_000;

    public Widths {
        if (medium < LEAST || wide <= medium || wide > MOST) {
            throw new IllegalArgumentException("Medium begins at " + LEAST + " px or more, wide at more than that and "
                    + MOST + " at most; " + medium + " and " + wide + " do not");
        }
    }

    /** A width in px of that class: that of a phone, a tablet, or one on its side, where it is. */
    public double one(Width width) {
        double usual = switch (width) {
            case NARROW -> Device.PHONE.width();
            case MEDIUM -> Device.TABLET.width();
            case WIDE -> Device.TABLET_ON_ITS_SIDE.width();
        };
        return of(usual) == width
                ? usual
                : switch (width) {
                    case NARROW -> medium - 1;
                    case MEDIUM -> medium;
                    case WIDE -> wide;
                };
    }

    /** The class that a width in px falls into. */
    public Width of(double px) {
        return px < medium ? Width.NARROW : px < wide ? Width.MEDIUM : Width.WIDE;
    }
}
