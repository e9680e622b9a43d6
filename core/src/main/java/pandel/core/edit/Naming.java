package pandel.core.edit;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Set;
import java.util.function.IntUnaryOperator;

/**
 * Makes ids of a title's words and three letters, {@code tool-detail-kqf}, so that two people's work merges.
 *
 * @param dice gives a number from 0 up to, not including, its argument
 */
public record Naming(IntUnaryOperator dice) {

    private static final String LETTERS = "bcdfghjkmnpqrstvwxz";
    private static final int LONGEST = 32;

    /** An id not among those taken. */
    public String fresh(String title, Set<String> taken) {
        String words = words(title);
        while (true) {
            String id = words + "-" + letter() + letter() + letter();
            if (!taken.contains(id)) {
                return id;
            }
        }
    }

    /** An id not among those taken, and taken from then on. */
    public String take(String title, Set<String> taken) {
        String id = fresh(title, taken);
        taken.add(id);
        return id;
    }

    private char letter() {
        return LETTERS.charAt(dice.applyAsInt(LETTERS.length()));
    }

    private static String words(String title) {
        String plain = Normalizer.normalize(title, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String cut = plain.length() > LONGEST ? plain.substring(0, LONGEST).replaceAll("-+$", "") : plain;
        return cut.isEmpty() ? "x" : cut;
    }
}
