package pandel.core.model;

import java.util.Locale;

/** What a link does, named. */
public enum Verb {
    ADVANCE, REPLACE, RESTART, OPEN_ABOVE, RETURN, RETURN_TO, CLOSE;

    /** The word in sentences and in the file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Whether it needs to be told where it leads. */
    public boolean needsTarget() {
        return this != RETURN && this != CLOSE;
    }
}
