package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.relevance.Literals;

/**
 * Which values facts can hold together, two facts at a time: more than can be where three hang together, never less.
 * One bit for each two {@link Literals}; a row for each, that holds itself where the value can be held at all.
 */
public final class Pairwise {

    private final Literals literals;
    private final int words;
    private final long[] rows;

    private Pairwise(Literals literals, long[] rows) {
        this.literals = literals;
        this.words = words(literals);
        this.rows = rows;
    }

    /** Nothing can be. Has no room for literals that are too many. */
    public Pairwise(Literals literals) {
        this(literals, new long[literals.areTooMany() ? 0 : literals.size() * words(literals)]);
    }

    /**
     * Just that.
     *
     * @param held one literal for each fact
     */
    public static Pairwise of(Literals literals, int[] held) {
        Pairwise made = new Pairwise(literals);
        for (int a : held) {
            for (int b : held) {
                made.set(a, b);
            }
        }
        return made;
    }

    private static int words(Literals literals) {
        return (literals.size() + 63) / 64;
    }

    private void set(int a, int b) {
        rows[a * words + b / 64] |= 1L << b % 64;
    }

    private boolean has(int a, int b) {
        return (rows[a * words + b / 64] & 1L << b % 64) != 0;
    }

    /**
     * Takes in everything that can be by another.
     *
     * @return whether anything is new
     */
    public boolean join(Pairwise other) {
        boolean more = false;
        for (int i = 0; i < rows.length; i++) {
            long joined = rows[i] | other.rows[i];
            more |= joined != rows[i];
            rows[i] = joined;
        }
        return more;
    }

    /** Everything that some facts can hold together; empty when those are too many. */
    public Optional<List<List<Integer>>> of(Set<String> facts, int most) {
        List<List<Integer>> all = List.of(List.of());
        for (String fact : facts) {
            List<List<Integer>> longer = new ArrayList<>();
            for (List<Integer> one : all) {
                for (int literal : literals.of(fact)) {
                    if (has(literal, literal) && one.stream().allMatch(other -> has(literal, other))) {
                        List<Integer> held = new ArrayList<>(one);
                        held.add(literal);
                        longer.add(held);
                    }
                }
            }
            if (longer.size() > most) {
                return Optional.empty();
            }
            all = longer;
        }
        return Optional.of(all);
    }

    /** What is left when some facts hold these. */
    public Pairwise where(List<Integer> held) {
        if (held.isEmpty()) {
            return this;
        }
        long[] allowed = new long[words];
        Arrays.fill(allowed, -1);
        for (int literal : held) {
            for (int w = 0; w < words; w++) {
                allowed[w] &= rows[literal * words + w];
            }
        }
        long[] left = new long[rows.length];
        for (int a = 0; a < literals.size(); a++) {
            if ((allowed[a / 64] & 1L << a % 64) != 0) {
                for (int w = 0; w < words; w++) {
                    left[a * words + w] = rows[a * words + w] & allowed[w];
                }
            }
        }
        return new Pairwise(literals, left);
    }

    /** What can be after facts were set to these. */
    public Pairwise after(List<Integer> held) {
        if (held.isEmpty()) {
            return this;
        }
        Pairwise then = new Pairwise(literals, rows.clone());
        for (int literal : held) {
            for (int other : literals.of(literals.factOf(literal))) {
                then.forget(other);
            }
            for (int a = 0; a < literals.size(); a++) {
                if (then.has(a, a)) {
                    then.set(a, literal);
                    then.set(literal, a);
                }
            }
            then.set(literal, literal);
        }
        return then;
    }

    private void forget(int literal) {
        for (int w = 0; w < words; w++) {
            rows[literal * words + w] = 0;
        }
        for (int a = 0; a < literals.size(); a++) {
            rows[a * words + literal / 64] &= ~(1L << literal % 64);
        }
    }
}
