package pandel.core.model.rest;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Fields that a newer Pandel wrote into a part of a record that has no {@link Rest} of its own: a cause, an effect, a
 * strip.
 *
 * @param owner the id of the nearest thing around that has one; empty for the prototype itself
 * @param path from the owner to the part
 * @param fields plain JSON values by name
 */
public record UnknownFields(String owner, List<Step> path, Map<String, Object> fields) {

    public UnknownFields {
        path = List.copyOf(path);
        fields = Collections.unmodifiableMap(new LinkedHashMap<>(fields));
    }

    /** One step inwards. */
    public sealed interface Step {

        /** The part as the newer Pandel wrote it, where this one would not write it as an object of its own. */
        Optional<Object> whole();

        /** Into the field of that name. */
        record Named(String name, Optional<Object> whole) implements Step {}

        /**
         * Into an item of a list: the one that is written the same, else the one at the same place of a list as long.
         *
         * @param print how this Pandel writes the item
         */
        record Item(int index, int of, String print, Optional<Object> whole) implements Step {}
    }
}
