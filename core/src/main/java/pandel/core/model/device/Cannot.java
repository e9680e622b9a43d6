package pandel.core.model.device;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * What some devices refuse: a verb, whatever does it; a frame, that nothing can lead to there; a form, that cannot be
 * opened above; a gesture, that is not known there.
 */
public enum Cannot {
    ADVANCE,
    REPLACE,
    RESTART,
    OPEN_ABOVE,
    RETURN,
    RETURN_TO,
    CLOSE,
    SWITCH_TAB,
    TURN_PAGE,
    NEXT_ROW,
    PREVIOUS_ROW,
    DRAWER_OPEN,
    DRAWER_CLOSE,
    DRAWER_TOGGLE,
    REMEMBER,
    NOTICE,
    LEAVE,
    BEGIN_AGAIN,
    /** Advancing while a sequence is the current place. */
    ADVANCE_FROM_A_SEQUENCE,
    TAB_SETS,
    /** Drawers: there are none. */
    DRAWERS,
    SEQUENCES,
    /** A list and its detail are never drawn side by side. */
    PAIRS,
    /** Floating buttons: there are none. */
    FLOATING_BUTTONS,
    /** Headers: there are none. */
    HEADERS,
    DIALOGS,
    SHEETS,
    PANELS,
    TAKEOVERS,
    TAP,
    DOUBLE_TAP,
    LONG_PRESS,
    SWIPE_LEFT,
    SWIPE_RIGHT,
    SWIPE_UP,
    SWIPE_DOWN,
    EDGE_SWIPE_LEFT,
    EDGE_SWIPE_RIGHT,
    HOVER,
    SECONDARY_PRESS,
    KEY;

    /** The verbs, named as those of links. */
    public static final List<Cannot> VERBS =
            Arrays.stream(values()).filter(c -> c.compareTo(BEGIN_AGAIN) <= 0).toList();

    /** The gestures, in the order of {@link Gesture}. */
    public static final List<Cannot> GESTURES =
            Arrays.stream(Gesture.values()).map(Cannot::of).toList();

    /** Frames and forms, and what cannot be done from them. */
    public static final List<Cannot> FRAMES = Arrays.stream(values())
            .filter(c -> !VERBS.contains(c) && !GESTURES.contains(c))
            .toList();

    public static Cannot of(Gesture gesture) {
        return valueOf(gesture.name());
    }

    /** The words in sentences and in the file. */
    public String word() {
        return GESTURES.contains(this)
                ? Gesture.valueOf(name()).word()
                : name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
