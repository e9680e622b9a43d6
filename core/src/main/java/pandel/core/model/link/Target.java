package pandel.core.model.link;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.model.value.Source;

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

    /**
     * A sequence.
     *
     * @param page which page is shown first, from 1; empty: the first
     */
    record ToSequence(String id, Optional<Integer> page, Map<String, Source> values) implements Target {
        public ToSequence {
            values = values.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(values));
        }

        /** A sequence at its first page. */
        public ToSequence(String id) {
            this(id, Optional.empty(), Map.of());
        }

        /** The page shown first, from 1. */
        public int first() {
            return page.orElse(1);
        }
    }

    /**
     * A tab set.
     *
     * @param tab id of the tab that is shown first; empty: as the set says
     */
    record ToTabs(String id, Optional<String> tab, Map<String, Source> values) implements Target {
        public ToTabs {
            values = values.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(values));
        }

        /** A tab set as it starts. */
        public ToTabs(String id) {
            this(id, Optional.empty(), Map.of());
        }
    }

    /** How deep tab sets lie in one another, at most. */
    int DEEPEST = 2;

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
        return switch (this) {
            case ToScreen to -> new ToScreen(id(), values);
            case ToSequence to -> new ToSequence(id(), to.page(), values);
            case ToTabs to -> new ToTabs(id(), to.tab(), values);
        };
    }
}
