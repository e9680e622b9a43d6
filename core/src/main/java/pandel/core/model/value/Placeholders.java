package pandel.core.model.value;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Names in braces that stand for values in words: {loan}. */
public final class Placeholders {

    private static final Pattern BRACED = Pattern.compile("\\{([^{}]{1,60})}");

    private Placeholders() {}

    /** The names in words, in order. */
    public static List<String> in(String words) {
        List<String> names = new ArrayList<>();
        Matcher m = BRACED.matcher(words);
        while (m.find()) {
            names.add(m.group(1).strip());
        }
        return names;
    }

    /**
     * Words with what a place was given, else what a fact of that title holds, in place of names; a value that is
     * expected and was not given shows as nothing, and what nothing knows stays in braces.
     */
    public static String filled(String words, ValueScope scope, Known known) {
        if (words.indexOf('{') < 0) {
            return words;
        }
        StringBuilder filled = new StringBuilder();
        Matcher m = BRACED.matcher(words);
        int from = 0;
        while (m.find()) {
            String name = m.group(1).strip();
            Value given = known.held().given().get(name);
            filled.append(words, from, m.start())
                    .append(
                            given != null
                                    ? given.shown()
                                    : fact(scope, name)
                                            .map(f -> known.facts().of(scope, f.id()))
                                            .map(v -> v.equals(Value.NOTHING) ? "" : v.shown())
                                            .orElse(scope.isExpected(name) ? "" : m.group()));
            from = m.end();
        }
        return filled.append(words, from, words.length()).toString();
    }

    /** The fact of that title. */
    public static java.util.Optional<Fact> fact(ValueScope scope, String name) {
        return scope.facts().stream()
                .filter(f -> f.title().equalsIgnoreCase(name))
                .findFirst();
    }
}
