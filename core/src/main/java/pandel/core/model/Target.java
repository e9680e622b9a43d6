package pandel.core.model;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Where a verb leads. */
public sealed interface Target {

    /** The id of what is led to. It may be missing from the prototype: that is a finding, not an error. */
    String id();

    /** A screen. */
    record ToScreen(String id, Map<String, Source> values) implements Target {
        public ToScreen {
            values = values.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(values));
        }

        /** A screen to which nothing is carried. */
        public ToScreen(String id) {
            this(id, Map.of());
        }
    }

    /** What is carried to it, by the name under which it is expected. */
    Map<String, Source> values();

    /** The same target with that carried under a name; empty: nothing is. */
    default Target with(String name, Optional<Source> source) {
        Map<String, Source> other = new TreeMap<>(values());
        source.ifPresentOrElse(s -> other.put(name, s), () -> other.remove(name));
        return carrying(other);
    }

    /** The same target with other values carried. */
    default Target carrying(Map<String, Source> values) {
        return new ToScreen(id(), values);
    }
}
