package pandel.core.model.screen;

/** How far a screen is in its making. Parked screens take no part in checks. */
public enum Status {
    DRAFT,
    READY,
    PARKED;

    /** The word in sentences and in the file. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
