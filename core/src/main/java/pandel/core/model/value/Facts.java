package pandel.core.model.value;

import java.util.Collections;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What is remembered at one moment, by fact id; what is not there is unset. Two are equal when the same is remembered.
 */
public final class Facts {

    /** Nothing remembered. */
    public static final Facts NONE = new Facts(Map.of());

    private final Map<String, Value> set;
    private final int hash;

    private Facts(Map<String, Value> set) {
        this.set = set;
        // A map's own hash adds up what its entries have: with many facts of yes and no, most of all sums would be the
        // same.
        int mixed = 1;
        for (Map.Entry<String, Value> entry : set.entrySet()) {
            mixed = 31 * (31 * mixed + entry.getKey().hashCode())
                    + entry.getValue().hashCode();
            mixed ^= mixed >>> 15;
        }
        this.hash = mixed;
    }

    /** @param values by fact id; those that facts hold unset must not be among them */
    public static Facts of(Map<String, Value> values) {
        return values.isEmpty() ? NONE : new Facts(Collections.unmodifiableMap(new TreeMap<>(values)));
    }

    /** What a fact holds; nothing when the scope has no such fact. */
    public Value of(ValueScope scope, String fact) {
        Value value = set.get(fact);
        return value != null ? value : scope.fact(fact).map(Fact::unset).orElse(Value.NOTHING);
    }

    /** The same with one fact set; setting it to what it holds unset leaves nothing behind. */
    public Facts with(Fact fact, Value value) {
        TreeMap<String, Value> changed = new TreeMap<>(set);
        if (value.equals(fact.unset())) {
            changed.remove(fact.id());
        } else {
            changed.put(fact.id(), value);
        }
        return changed.equals(set) ? this : of(changed);
    }

    /** The same without what other facts hold. */
    public Facts only(Set<String> facts) {
        return set.isEmpty() || facts.containsAll(set.keySet())
                ? this
                : of(set.entrySet().stream()
                        .filter(e -> facts.contains(e.getKey()))
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    /** What is not unset, by fact id, sorted. */
    public Map<String, Value> set() {
        return set;
    }

    @Override
    public boolean equals(@org.jspecify.annotations.Nullable Object other) {
        return this == other || other instanceof Facts facts && hash == facts.hash && set.equals(facts.set);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return set.toString();
    }
}
