package pandel.core.model.rest;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Fields of a record that a newer Pandel wrote and this one does not know. They are carried unread and written back.
 *
 * @param fields plain JSON values (strings, numbers, booleans, lists, maps) by name, in file order
 * @param inner of the whole prototype: those of parts that carry none themselves
 */
public record Rest(Map<String, Object> fields, List<UnknownFields> inner) {

    /** No unknown fields. */
    public static final Rest NONE = new Rest(Map.of());

    /** Those of one record alone. */
    public Rest(Map<String, Object> fields) {
        this(fields, List.of());
    }

    public Rest {
        inner = List.copyOf(inner);
        fields = fields.isEmpty() ? Map.of() : Collections.unmodifiableMap(new LinkedHashMap<>(fields));
    }
}
