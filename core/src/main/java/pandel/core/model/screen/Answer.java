package pandel.core.model.screen;

import java.util.Locale;

/** What is seen of something that answers, from the moment a finger is down on it until it is lifted or leaves. */
public enum Answer {
    DIM,
    OUTLINE,
    SHRINK,
    NONE;

    /** The word in the file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** As it stands in a sentence: "it dims". */
    public String phrase() {
        return switch (this) {
            case DIM -> "it dims";
            case OUTLINE -> "it is outlined";
            case SHRINK -> "it shrinks";
            case NONE -> "nothing is seen";
        };
    }
}
