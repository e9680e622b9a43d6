package pandel.core.model.value;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * The row of a list that a place was come to from.
 *
 * @param list id of the hotspot that is repeated
 * @param number of the row, from 1
 * @param carried which value of the row is carried under which name that the place expects
 */
@RecordBuilder
public record RowOrigin(String list, int number, Map<String, String> carried) {

    public RowOrigin {
        carried = Collections.unmodifiableMap(new TreeMap<>(carried));
    }

    /** The same for another row of that list. */
    public RowOrigin at(int other) {
        return new RowOrigin(list, other, carried);
    }
}
