package pandel.core.check.compile;

import com.carrotsearch.hppc.LongIntHashMap;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;

/**
 * What facts hold together, numbered, so that searches compare numbers: all of them, or those of a <i>scope</i> alone,
 * which are the facts that one screen reads or changes. Not for several threads at once.
 */
public final class Valuations {

    /** The number of the valuation in which nothing is remembered. */
    public static final int NONE = 0;

    private static final int UNKNOWN = -1;
    private static final int BITS = 24;

    private final Map<Facts, Integer> numbers = new HashMap<>();
    private final List<Facts> all = new ArrayList<>();
    private final Map<Set<String>, Integer> scopeNumbers = new HashMap<>();
    private final List<Set<String>> scopes = new ArrayList<>();
    /** By scope and valuation, the valuation of the scope's facts alone. */
    private final List<int[]> within = new ArrayList<>();

    private final LongIntHashMap changed = new LongIntHashMap();

    public Valuations() {
        of(Facts.NONE);
    }

    /** The number of what facts hold. */
    public int of(Facts facts) {
        Integer known = numbers.get(facts);
        if (known != null) {
            return known;
        }
        if (all.size() >= 1 << BITS) {
            throw new IllegalStateException("Facts hold more than is told apart.");
        }
        numbers.put(facts, all.size());
        all.add(facts);
        return all.size() - 1;
    }

    public Facts facts(int valuation) {
        return all.get(valuation);
    }

    /** The number of some facts, by their ids. */
    int scope(Set<String> facts) {
        return scopeNumbers.computeIfAbsent(facts, f -> {
            scopes.add(f);
            within.add(new int[0]);
            return scopes.size() - 1;
        });
    }

    /** The valuation of a scope's facts alone. */
    int within(int scope, int valuation) {
        int[] known = within.get(scope);
        if (valuation >= known.length) {
            int before = known.length;
            known = Arrays.copyOf(known, Math.max(valuation + 1, 2 * before));
            Arrays.fill(known, before, known.length, UNKNOWN);
            within.set(scope, known);
        }
        if (known[valuation] == UNKNOWN) {
            known[valuation] = of(all.get(valuation).only(scopes.get(scope)));
        }
        return known[valuation];
    }

    /**
     * What is remembered after the facts of a scope came to hold something.
     *
     * @param before everything before it
     * @param own what the scope's facts hold then
     */
    int changed(int scope, int before, int own) {
        if (within(scope, before) == own) {
            return before;
        }
        long key = ((long) scope << 2 * BITS) | ((long) before << BITS) | own;
        int known = changed.getOrDefault(key, UNKNOWN);
        if (known == UNKNOWN) {
            Map<String, Value> held = new HashMap<>(all.get(before).set());
            held.keySet().removeAll(scopes.get(scope));
            held.putAll(all.get(own).set());
            known = of(Facts.of(held));
            changed.put(key, known);
        }
        return known;
    }
}
