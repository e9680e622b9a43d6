package pandel.core.check.relevance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;

/** Each value that each fact can hold, as far as anything asks for it, with a number. */
public final class Literals {

    /** More are not told apart at once. */
    public static final int MOST = 256;

    private final Map<String, Value> unset = new HashMap<>();
    private final List<String> facts = new ArrayList<>();
    private final Map<String, Map<Value, Integer>> numbers = new LinkedHashMap<>();
    private final List<String> factOf = new ArrayList<>();
    private final List<Value> values = new ArrayList<>();
    private boolean tooMany;

    public Literals(Prototype prototype, Relevance relevance) {
        relevance.facts().stream()
                .sorted()
                .flatMap(id -> (StandingNotice.isOf(id) ? relevance.notice().fact() : prototype.fact(id)).stream())
                .forEach(fact -> {
                    facts.add(fact.id());
                    unset.put(fact.id(), fact.unset());
                    values(fact, relevance)
                            .forEach(kept -> numbers.computeIfAbsent(fact.id(), id -> new HashMap<>())
                                    .computeIfAbsent(kept, v -> {
                                        factOf.add(fact.id());
                                        values.add(kept);
                                        return values.size() - 1;
                                    }));
                });
    }

    /**
     * What a fact can hold, as far as anything tells it apart; of a number whose bounds lie too far apart only some.
     */
    private Stream<Value> values(Fact fact, Relevance relevance) {
        if (StandingNotice.isOf(fact.id())) {
            return relevance.notice().values();
        }
        if (fact.kind() instanceof Fact.Kind.Text) {
            return relevance.texts(fact.id()).stream().map(Value.Text::new);
        }
        if (!(fact.kind() instanceof Fact.Kind.Number number)) {
            return fact.values().stream();
        }
        int least = kept(fact, number.least(), relevance);
        int most = kept(fact, number.most(), relevance);
        tooMany |= (long) most - least > MOST;
        return IntStream.rangeClosed(least, (int) Math.min(most, (long) least + MOST))
                .mapToObj(Value.Number::new);
    }

    private static int kept(Fact fact, int of, Relevance relevance) {
        return relevance.of(Facts.NONE.with(fact, new Value.Number(of))).set().get(fact.id()) instanceof Value.Number n
                ? n.of()
                : ((Value.Number) fact.unset()).of();
    }

    /** Whether they are more than are told apart at once. */
    public boolean areTooMany() {
        return tooMany || values.size() > MOST;
    }

    public int size() {
        return values.size();
    }

    /** Ids of the facts, in order. */
    public List<String> facts() {
        return facts;
    }

    /** The numbers of what a fact can hold. */
    public Iterable<Integer> of(String fact) {
        return numbers.getOrDefault(fact, Map.of()).values();
    }

    public String factOf(int literal) {
        return factOf.get(literal);
    }

    /** The number of what a fact holds. */
    public int of(Facts all, String fact) {
        Value held = all.set().getOrDefault(fact, Objects.requireNonNull(unset.get(fact)));
        return Objects.requireNonNull(Objects.requireNonNull(numbers.get(fact)).get(held));
    }

    /** What all facts hold, by number. */
    public int[] of(Facts all) {
        return facts.stream().mapToInt(fact -> of(all, fact)).toArray();
    }

    /** What is remembered when some facts hold these and the others are unset. */
    public Facts facts(List<Integer> literals) {
        Map<String, Value> set = new TreeMap<>();
        for (int literal : literals) {
            if (!values.get(literal).equals(unset.get(factOf.get(literal)))) {
                set.put(factOf.get(literal), values.get(literal));
            }
        }
        return Facts.of(set);
    }
}
