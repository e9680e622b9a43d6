package pandel.core.check.relevance;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/**
 * The texts that are told apart among what can be typed: none, each that something is compared with, a number, other
 * words.
 */
public final class Texts {

    /** A text that nothing is compared with. */
    static final String OTHER = "other words";

    private Texts() {}

    /** The one of the texts told apart that nothing tells from it: a number between the same ones, or other words. */
    static String like(List<String> texts, Value.Text text) {
        if (texts.contains(text.words())) {
            return text.words();
        }
        List<Integer> numbers = texts.stream()
                .flatMap(t -> new Value.Text(t).number().stream())
                .map(Value.Number::of)
                .sorted()
                .toList();
        Optional<Value.Number> number = text.number();
        if (number.isEmpty() || numbers.isEmpty()) {
            return OTHER;
        }
        int below = numbers.getFirst();
        for (int n : numbers) {
            below = n <= number.get().of() ? n : below;
        }
        return Integer.toString(below);
    }

    /** The texts that are told apart in a fact that is compared with constants alone: none, those, other words. */
    static List<String> comparedWith(Prototype prototype, String fact) {
        Set<String> found = new LinkedHashSet<>(List.of(""));
        Reads.conditions(prototype)
                .filter(c -> c.asksFor(fact))
                .flatMap(Condition::sources)
                .forEach(s -> {
                    if (s instanceof Source.Constant c && !(c.value() instanceof Value.YesNo)) {
                        c.value()
                                .number()
                                .ifPresentOrElse(
                                        n -> List.of(n.of() - 1, n.of(), n.of() + 1)
                                                .forEach(near -> found.add(Integer.toString(near))),
                                        () -> found.add(((Value.Text) c.value()).words()));
                    }
                });
        found.add(OTHER);
        return List.copyOf(found);
    }

    /**
     * A text of each kind that can make a difference.
     *
     * @param whole ids of the facts of which every value may differ
     */
    static List<String> compared(Prototype prototype, List<String> whole) {
        Set<String> found = new LinkedHashSet<>(List.of(""));
        TreeSet<Integer> compared = new TreeSet<>();
        Reads.conditions(prototype).flatMap(Condition::sources).forEach(s -> {
            if (s instanceof Source.Constant c && !(c.value() instanceof Value.YesNo)) {
                c.value()
                        .number()
                        .ifPresentOrElse(n -> compared.add(n.of()), () -> found.add(((Value.Text) c.value()).words()));
            }
        });
        prototype.screens().stream().flatMap(s -> s.expects().stream()).forEach(e -> found.addAll(e.words()));
        whole.stream().flatMap(id -> prototype.fact(id).stream()).forEach(f -> {
            switch (f.kind()) {
                case Fact.Kind.OneOf one -> found.addAll(one.words());
                case Fact.Kind.Number n -> compared.addAll(List.of(n.least(), n.most()));
                case Fact.Kind.YesNo y -> {}
                case Fact.Kind.Text t -> {}
            }
        });
        // What is typed may be compared with what is given: with anything that is ever given, then.
        if (Reads.conditions(prototype).anyMatch(c -> c.sources().noneMatch(Source.Constant.class::isInstance))) {
            Stream.of(
                            prototype.screens().stream()
                                    .flatMap(x -> x.expects().stream())
                                    .flatMap(e -> e.fallback().stream()),
                            prototype
                                    .index()
                                    .links()
                                    .flatMap(Reads::reads)
                                    .filter(Source.Constant.class::isInstance)
                                    .map(c -> ((Source.Constant) c).value()),
                            prototype.index().hotspots().stream()
                                    .flatMap(h -> h.rows().stream())
                                    .flatMap(r -> r.values().stream()),
                            prototype.entries().stream().flatMap(e -> e.values().values().stream()))
                    .flatMap(v -> v)
                    .filter(v -> !(v instanceof Value.YesNo))
                    .forEach(v -> v.number()
                            .ifPresentOrElse(n -> compared.add(n.of()), () -> found.add(((Value.Text) v).words())));
        }
        Set<Integer> all = new LinkedHashSet<>();
        compared.forEach(n -> all.addAll(List.of(n - 1, n, n + 1)));
        all.add(compared.isEmpty() ? 1 : compared.last() + 2);
        all.forEach(n -> found.add(Integer.toString(n)));
        found.add(OTHER);
        return List.copyOf(found);
    }

    /**
     * The values of what is expected that are told apart, the likeliest first; one where nothing asks for it.
     *
     * @param texts those that are told apart; none where nothing asks for it
     */
    static List<Value> kinds(Expected expected, List<String> texts) {
        List<Value> found = new ArrayList<>();
        texts.reversed()
                .forEach(t -> expected.take(new Value.Text(t))
                        .filter(v -> !found.contains(v))
                        .ifPresent(found::add));
        if (expected.kind() == Expected.Kind.YES_NO) {
            found.addAll(List.of(new Value.YesNo(true), new Value.YesNo(false)));
        }
        if (found.isEmpty()) {
            found.add(
                    switch (expected.kind()) {
                        case NUMBER -> new Value.Number(1);
                        case ONE_OF ->
                            new Value.Text(
                                    expected.words().isEmpty()
                                            ? OTHER
                                            : expected.words().getFirst());
                        default -> new Value.Text(OTHER);
                    });
        }
        return found;
    }
}
