package pandel.core.check.finding;

import java.util.Locale;

/** How much a finding weighs; worst first. */
public enum Weight {
    /** Someone using the prototype meets something broken. */
    PROBLEM,
    /** Something is likely not as meant, or not finished. */
    WARNING,
    /** Worth knowing; nothing is broken. */
    NOTE;

    /** The word in reports. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
