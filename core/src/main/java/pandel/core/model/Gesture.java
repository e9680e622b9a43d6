package pandel.core.model;

/** What a person does on a hotspot or on the screen. */
public enum Gesture {
    TAP;

    /** The word in sentences and in the file. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
