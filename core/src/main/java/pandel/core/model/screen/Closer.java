package pandel.core.model.screen;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

/** What closes an overlay besides its own links. */
public enum Closer {
    /** A tap beside it. */
    OUTSIDE,
    /** A swipe that throws it off. */
    AWAY,
    /** The device's own back. */
    DEVICE_BACK;

    /** What closes an overlay of a form unless its screen says otherwise; a page above is a takeover. */
    public static Set<Closer> usualFor(Form form) {
        return switch (form) {
            case PAGE -> EnumSet.of(DEVICE_BACK);
            case DIALOG, PANEL -> EnumSet.of(OUTSIDE, DEVICE_BACK);
            case SHEET -> EnumSet.of(OUTSIDE, AWAY, DEVICE_BACK);
        };
    }

    /** The word in the file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
