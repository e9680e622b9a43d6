package pandel.core.edit.value;

import java.util.List;
import java.util.stream.Collectors;
import pandel.core.model.Prototype;
import pandel.core.model.value.Fact;

/** What could be typed about the facts that a prototype has, as an example; words for it where it has none. */
public final class FactExamples {

    private static final int NAMED = 2;

    private FactExamples() {}

    /** Conditions: "signed in, tries at least 1". */
    public static String conditions(Prototype prototype) {
        return of(prototype, "what must hold", f -> switch (f.kind()) {
            case Fact.Kind.YesNo y -> f.title();
            case Fact.Kind.OneOf o -> f.title() + " is " + first(o.words());
            case Fact.Kind.Number n -> f.title() + " at least " + Math.min(n.most(), n.least() + 1);
            case Fact.Kind.Text t -> f.title() + " is empty";
        });
    }

    /** What is remembered: "signed in, tries + 1". */
    public static String remembered(Prototype prototype) {
        return of(prototype, "what is remembered", f -> switch (f.kind()) {
            case Fact.Kind.YesNo y -> f.title();
            case Fact.Kind.OneOf o -> f.title() + " is " + first(o.words());
            case Fact.Kind.Number n -> f.title() + " + 1";
            case Fact.Kind.Text t -> f.title() + " is nothing";
        });
    }

    private static String of(Prototype prototype, String none, java.util.function.Function<Fact, String> words) {
        List<Fact> facts = prototype.facts().stream().limit(NAMED).toList();
        return facts.isEmpty() ? none : facts.stream().map(words).collect(Collectors.joining(", "));
    }

    private static String first(List<String> words) {
        return words.isEmpty() ? "…" : words.getFirst();
    }
}
