package pandel.core.model.device;

/** The class of a device's width; {@link Widths} says where each begins. */
public enum Width {
    NARROW,
    MEDIUM,
    WIDE;

    /** The word in the file. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
