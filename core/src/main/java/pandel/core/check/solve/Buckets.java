package pandel.core.check.solve;

import com.carrotsearch.hppc.IntArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import org.jspecify.annotations.Nullable;

/**
 * Numbers that wait by a length: the shortest first, and of the same length the one that came first (a bucket queue:
 * Dial 1969).
 */
public final class Buckets {

    private final List<@Nullable IntArrayDeque> buckets = new ArrayList<>();
    private int least;
    private int size;

    public void add(int number, int length) {
        while (buckets.size() <= length) {
            buckets.add(null);
        }
        IntArrayDeque bucket = buckets.get(length);
        if (bucket == null) {
            bucket = new IntArrayDeque();
            buckets.set(length, bucket);
        }
        bucket.addLast(number);
        least = Math.min(least, length);
        size++;
    }

    public boolean isEmpty() {
        return size == 0;
    }

    /** Takes the first out. */
    public int remove() {
        for (; least < buckets.size(); least++) {
            IntArrayDeque bucket = buckets.get(least);
            if (bucket != null && !bucket.isEmpty()) {
                size--;
                return bucket.removeFirst();
            }
            buckets.set(least, null);
        }
        throw new NoSuchElementException();
    }
}
