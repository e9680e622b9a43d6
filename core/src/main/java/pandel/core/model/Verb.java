package pandel.core.model;

import java.util.Locale;

/** What a link does, named. */
public enum Verb {
    ADVANCE, REPLACE, RESTART, OPEN_ABOVE, RETURN, RETURN_TO, CLOSE, SWITCH_TAB, TURN_PAGE, REMEMBER, NOTICE, LEAVE;

    /** The word in sentences and in the file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Those that move, of which a branch holds at most one. */
    public static final java.util.List<Verb> MOVES =
            java.util.List.of(ADVANCE, REPLACE, RESTART, OPEN_ABOVE, RETURN, RETURN_TO, CLOSE, SWITCH_TAB, TURN_PAGE);

    /** Whether it needs to be told where it leads. */
    public boolean needsTarget() {
        return MOVES.contains(this) && this != RETURN && this != CLOSE && this != TURN_PAGE && this != SWITCH_TAB;
    }
}
