package pandel.core.check;

import java.util.Locale;

/** What checks look for. */
public enum Rule {
    NO_ENTRY("Without a place to start, nothing can be played or checked."),
    MISSING_TARGET("Whoever taps it finds that nothing happens, and nobody told them why."),
    DEAD_END("A person who comes here can go nowhere else; they can only put the device away."),
    ONLY_DEVICE_BACK("The only way on is the device’s own back. Some people do not know it, and some devices have none."),
    UNREACHED_SCREEN("A screen that no way of using the prototype shows was drawn for nobody, or its link was forgotten.");

    private final String why;

    Rule(String why) {
        this.why = why;
    }

    /** Its id in reports and files. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Why it matters, in one sentence. */
    public String why() {
        return why;
    }
}
