package pandel.core.model.screen;

import java.util.regex.Pattern;

/** Colours as CSS writes them, in one way: # and six hexadecimal digits. */
public final class Colour {

    private static final Pattern WRITTEN = Pattern.compile("#[0-9A-Fa-f]{6}");

    private Colour() {}

    /** Whether words are a colour. */
    public static boolean is(String words) {
        return WRITTEN.matcher(words).matches();
    }

    /** @throws IllegalArgumentException when one of them is no colour */
    public static void require(String... colours) {
        for (String colour : colours) {
            if (!is(colour)) {
                throw new IllegalArgumentException("A colour is # and six of 0 to 9 and A to F: " + colour);
            }
        }
    }
}
