package pandel.core.check.compile;

/** Two numbers as one key of a map. */
public final class Keys {

    private Keys() {}

    /** Neither is negative. */
    public static long of(int a, int b) {
        return ((long) a << Integer.SIZE) | b;
    }
}
