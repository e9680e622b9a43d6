package pandel.core.play.layout;

/** How large the letters are that are typed in a field. */
public final class FieldLetters {

    private static final double MOST = 18;
    private static final double OF_HEIGHT = 0.42;

    private FieldLetters() {}

    /**
     * px of the letters in a field.
     *
     * @param high px of the field
     */
    public static double px(double high) {
        return Math.min(MOST, high * OF_HEIGHT);
    }
}
