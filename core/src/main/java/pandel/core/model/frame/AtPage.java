package pandel.core.model.frame;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import pandel.core.model.value.Value;

/**
 * Where a place of a sequence stands.
 *
 * @param sequence id of the sequence
 * @param page its page, from 1
 * @param offered what was carried to the sequence, by name: each page takes of it what it expects
 */
@RecordBuilder
public record AtPage(String sequence, int page, Map<String, Value> offered) {

    public AtPage {
        offered = offered.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(offered));
    }

    /** The same at another page. */
    public AtPage turnedTo(int other) {
        return new AtPage(sequence, other, offered);
    }

    /** The same with other values carried to it. */
    public AtPage offering(Map<String, Value> others) {
        return new AtPage(sequence, page, others);
    }
}
