package pandel.core.model.value;

import java.util.Map;

/**
 * The row of a repeated hotspot that is touched.
 *
 * @param list id of the hotspot
 * @param number from 1
 * @param values what the row holds, by name
 */
public record TouchedRow(String list, int number, Map<String, Value> values) {

    /** No row is touched. */
    public static final TouchedRow NONE = new TouchedRow("", 0, Map.of());

    /** Whether a row is touched at all. */
    public boolean isRow() {
        return number > 0;
    }
}
