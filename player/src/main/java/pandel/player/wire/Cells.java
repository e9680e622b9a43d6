package pandel.player.wire;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A row of numbers in which records stand one after another as their components do; words are numbers of a list beside
 * it. Written from the first to the last, and read in the same order.
 */
public final class Cells {

    private static final int PRIME = 1_000_003;

    private final List<String> words;
    private final Map<String, Integer> numbers = new HashMap<>();
    private final List<Double> cells;
    private int next;

    /** Nothing yet. */
    public Cells() {
        this(new ArrayList<>(), new ArrayList<>());
    }

    /** What was written. */
    public Cells(List<String> words, List<Double> cells) {
        this.words = words;
        this.cells = cells;
    }

    public List<String> words() {
        return words;
    }

    public List<Double> cells() {
        return cells;
    }

    /** A number that all of it has a part in. */
    public int digest() {
        int digest = 7;
        for (String word : words) {
            digest = 31 * digest + word.hashCode();
        }
        for (double cell : cells) {
            digest = 31 * digest + (int) (Math.rint(cell * 1000) % PRIME);
        }
        return digest;
    }

    void number(double number) {
        cells.add(number);
    }

    void text(String text) {
        number(numbers.computeIfAbsent(text, t -> {
            words.add(t);
            return words.size() - 1;
        }));
    }

    /** What stands in no order of its own, in the same order on each machine. */
    <T> List<T> order(Collection<T> some) {
        List<T> all = new ArrayList<>(some);
        all.sort(Comparator.comparing(String::valueOf));
        return all;
    }

    /** Whether there is more to read. */
    public boolean more() {
        return next < cells.size();
    }

    double number() {
        return cells.get(next++);
    }

    int whole() {
        return (int) number();
    }

    String text() {
        return words.get(whole());
    }
}
