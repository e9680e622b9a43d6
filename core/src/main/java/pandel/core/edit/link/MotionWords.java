package pandel.core.edit.link;

import java.util.Optional;
import pandel.core.model.link.Motion;

/** What is said of a time or an easing that is typed for a motion. */
public final class MotionWords {

    private static final int MOST_MS = 5000;

    private MotionWords() {}

    /** Why what is typed is no time of a motion; empty where it is one. */
    public static Optional<String> whyNoTime(String typed) {
        return typed.matches("\\d{1,5}") && Integer.parseInt(typed) <= MOST_MS
                ? Optional.empty()
                : Optional.of("A motion takes 0 to " + MOST_MS + " ms; “" + typed + "” is not that.");
    }

    /** Why what is typed is no easing; empty where it is one. */
    public static Optional<String> whyNoEasing(String typed) {
        return Motion.isEasing(typed)
                ? Optional.empty()
                : Optional.of("An easing is " + String.join(", ", Motion.EASINGS) + " or cubic-bezier(0.2, 0, 0, 1); “"
                        + typed + "” is not.");
    }
}
