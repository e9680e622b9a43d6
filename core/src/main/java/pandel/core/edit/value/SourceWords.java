package pandel.core.edit.value;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/**
 * Where a value comes from, as people type it: “given loan”, “typed Card number”, “row tool”, a fact’s name, or the
 * value itself. What stands in quotation marks is always a text.
 */
public final class SourceWords {

    private final Map<String, Source> named = new LinkedHashMap<>();

    /**
     * @param on the screens it is said on; only what all of them have is known
     * @param touched the hotspot it is said of, for what its rows hold
     */
    public SourceWords(Prototype prototype, List<Screen> on, Optional<Hotspot> touched) {
        on.stream().findFirst().ifPresent(first -> {
            first.expects().stream()
                    .map(Expected::name)
                    .filter(n -> on.stream()
                            .allMatch(s ->
                                    s.expects().stream().anyMatch(e -> e.name().equals(n))))
                    .forEach(n -> named.put("given " + n, new Source.Given(n)));
            prototype.index().hotspotsOn(first.id()).stream()
                    .filter(Hotspot::isField)
                    .filter(h -> on.stream()
                            .allMatch(s -> prototype.index().hotspotsOn(s.id()).contains(h)))
                    .forEach(h -> named.putIfAbsent(
                            "typed " + (h.title().isBlank() ? "text" : h.title()), new Source.Typed(h.id())));
        });
        touched.ifPresent(h -> columns(h.rows()).forEach(n -> named.put("row " + n, new Source.OfRow(n))));
        prototype.facts().stream()
                .filter(f -> !f.title().isBlank())
                .forEach(f -> named.putIfAbsent(f.title(), new Source.OfFact(f.id())));
    }

    /** The names that rows hold values under, in order. */
    public static Set<String> columns(List<Map<String, Value>> rows) {
        Set<String> names = new LinkedHashSet<>();
        rows.forEach(r -> names.addAll(r.keySet()));
        return names;
    }

    /**
     * What can be typed for a value of this screen, the likeliest first: what goes by its name comes before the rest.
     */
    public List<String> offers(String name) {
        List<String> all = new ArrayList<>(named.keySet());
        all.sort(Comparator.comparing(
                (String w) -> !w.toLowerCase(Locale.ROOT).endsWith(name.toLowerCase(Locale.ROOT))));
        return all;
    }

    /** The source of that very name under which a value is expected, among what rows hold and the screen was given. */
    public Optional<Source> namesake(String name) {
        return Optional.ofNullable(named.get("row " + name)).or(() -> Optional.ofNullable(named.get("given " + name)));
    }

    /** The source that words name; empty when they name none. */
    public Optional<Source> named(String words) {
        return named.entrySet().stream()
                .filter(e -> e.getKey().equalsIgnoreCase(words.strip()))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    /** The given value or the typed text that words begin with, and how long its name is; the longest such. */
    Optional<Map.Entry<String, Source>> beginning(String words) {
        String folded = words.toLowerCase(Locale.ROOT);
        return named.entrySet().stream()
                .filter(e -> !(e.getValue() instanceof Source.OfFact))
                .filter(e -> folded.startsWith(e.getKey().toLowerCase(Locale.ROOT))
                        && (folded.length() == e.getKey().length()
                                || folded.charAt(e.getKey().length()) == ' '))
                .max(Comparator.comparingInt(e -> e.getKey().length()));
    }

    /** The given value, typed text or row's value that words name; never a fact. */
    Optional<Source> held(String words) {
        return named(words).filter(s -> !(s instanceof Source.OfFact));
    }

    /** What words mean: something named, or the value itself. */
    public Source source(String words) {
        String text = words.strip();
        if (text.length() >= 2
                && "\"“”".indexOf(text.charAt(0)) >= 0
                && "\"“”".indexOf(text.charAt(text.length() - 1)) >= 0) {
            return Source.of(new Value.Text(text.substring(1, text.length() - 1)));
        }
        return named(text).orElseGet(() -> Source.of(value(text)));
    }

    /** A value as it is typed: yes, no, a whole number, else a text. */
    public static Value value(String text) {
        return switch (text.toLowerCase(Locale.ROOT)) {
            case "yes" -> new Value.YesNo(true);
            case "no" -> new Value.YesNo(false);
            default ->
                new Value.Text(text)
                        .number()
                        .<Value>map(n -> n)
                        .filter(n -> n.shown().equals(text))
                        .orElse(new Value.Text(text));
        };
    }

    /** A source as it can be typed again. */
    public String typed(Prototype prototype, Source source) {
        String words = source.words(prototype);
        boolean taken = source instanceof Source.Constant c
                && c.value() instanceof Value.Text t
                && !source(t.words()).equals(source);
        return taken ? "“" + words + "”" : words;
    }
}
