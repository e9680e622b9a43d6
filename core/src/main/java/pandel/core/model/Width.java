package pandel.core.model;

/** The class of a device's width: narrow under 640 px, wide from 1000 px, medium between. */
public enum Width {
    NARROW, MEDIUM, WIDE;

    /** The class that a width in px falls into. */
    public static Width of(double px) {
        return px < 640 ? NARROW : px < 1000 ? MEDIUM : WIDE;
    }

    /** The word in the file. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
