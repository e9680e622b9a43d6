package pandel.core.check.solve;

import com.carrotsearch.hppc.IntArrayList;
import com.carrotsearch.hppc.LongIntHashMap;
import pandel.core.check.compile.Keys;

/** Heads with what facts hold there, numbered from 0 in the order in which they are first seen. */
final class Places {

    static final int NONE = -1;

    private final LongIntHashMap numbers = new LongIntHashMap();
    private final IntArrayList heads = new IntArrayList();
    private final IntArrayList valuations = new IntArrayList();

    /** The number of one; the next that is free where it is new. */
    int of(int head, int valuation) {
        int known = find(head, valuation);
        if (known != NONE) {
            return known;
        }
        numbers.put(Keys.of(head, valuation), size());
        return apart(head, valuation);
    }

    /** The number of one that is not found by what it is. */
    int apart(int head, int valuation) {
        heads.add(head);
        valuations.add(valuation);
        return size() - 1;
    }

    /** The number of one; {@link #NONE} where it was not seen. */
    int find(int head, int valuation) {
        return numbers.getOrDefault(Keys.of(head, valuation), NONE);
    }

    int head(int place) {
        return heads.get(place);
    }

    int valuation(int place) {
        return valuations.get(place);
    }

    int size() {
        return heads.size();
    }
}
