package pandel.core.model;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Fields of a record that a newer Pandel wrote and this one does not know. They are carried unread and written back.
 *
 * @param fields plain JSON values (strings, numbers, booleans, lists, maps) by name, in file order
 */
public record Rest(Map<String, Object> fields) {

    /** No unknown fields. */
    public static final Rest NONE = new Rest(Map.of());

    public Rest {
        fields = fields.isEmpty() ? Map.of() : Collections.unmodifiableMap(new LinkedHashMap<>(fields));
    }
}
