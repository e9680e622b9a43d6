package pandel.core.model.screen;

import java.util.Locale;
import pandel.core.model.device.Gesture;

/** The side of the device that a panel or a drawer comes from. */
public enum PanelSide {
    LEFT,
    RIGHT;

    /** The word in the file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The swipe that begins at this edge. */
    public Gesture edge() {
        return this == LEFT ? Gesture.EDGE_SWIPE_LEFT : Gesture.EDGE_SWIPE_RIGHT;
    }
}
