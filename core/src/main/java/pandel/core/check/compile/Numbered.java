package pandel.core.check.compile;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Things numbered from 0 in the order in which they are first seen; equal ones have one number. */
final class Numbered<T> {

    private final Map<T, Integer> numbers = new HashMap<>();
    private final List<T> all = new ArrayList<>();

    int of(T one) {
        Integer known = numbers.get(one);
        if (known != null) {
            return known;
        }
        numbers.put(one, all.size());
        all.add(one);
        return all.size() - 1;
    }

    T get(int number) {
        return all.get(number);
    }
}
