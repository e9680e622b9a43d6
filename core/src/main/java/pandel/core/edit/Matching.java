package pandel.core.edit;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;

/** How well a text answers what was typed: every typed word must be in it. */
public final class Matching {

    private Matching() {}

    /**
     * 0 when it begins with what was typed, 1 when its words begin with the typed words, 2 when they are within; empty
     * when not.
     */
    public static OptionalInt rank(String text, String typed) {
        String folded = fold(text);
        List<String> wanted = words(typed);
        if (!wanted.stream().allMatch(folded::contains)) {
            return OptionalInt.empty();
        }
        if (folded.startsWith(fold(typed).strip())) {
            return OptionalInt.of(0);
        }
        List<String> own = words(text);
        return OptionalInt.of(wanted.stream().allMatch(w -> own.stream().anyMatch(o -> o.startsWith(w))) ? 1 : 2);
    }

    public static List<String> words(String text) {
        return Arrays.stream(fold(text).split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    public static String fold(String text) {
        return text.toLowerCase(Locale.ROOT);
    }
}
