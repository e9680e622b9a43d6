package pandel.core.model.start;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Placeholders;
import pandel.core.model.value.Value;

/**
 * Where the prototype starts.
 *
 * @param values what stands for the names in the address when it is opened here: {loan} is "42"
 * @param address for an entry opened from outside; empty for the main one
 */
@RecordBuilder
public record Entry(String id, Target target, Optional<String> address, Map<String, Value> values, Rest rest)
        implements Start {

    public Entry {
        values = values.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(values));
    }

    /** An entry that is opened without values. */
    public Entry(String id, Target target, Optional<String> address, Rest rest) {
        this(id, target, address, Map.of(), rest);
    }

    /** The same opened with values. */
    public Entry opened(Map<String, Value> with) {
        return new Entry(id, target, address, with, rest);
    }

    /** The same leading elsewhere. */
    public Entry leadingTo(Target other) {
        return other.equals(target) ? this : new Entry(id, other, address, values, rest);
    }

    /**
     * Its address with the values it is opened with in place of their names; what has none keeps its braces. Empty for
     * the main entry.
     */
    public Optional<String> filledAddress() {
        return address.map(a -> form().map(f -> f.filled(values)).orElse(a));
    }

    /** What its address says; empty where it has none, or none that can be read. */
    public Optional<AddressForm> form() {
        return address.flatMap(AddressForm::of);
    }

    /** The names in its address that are filled by values, in order. */
    public List<String> names() {
        return form().map(AddressForm::names)
                .or(() -> address.map(Placeholders::in))
                .orElse(List.of());
    }

    /** The main entry, at a screen. */
    public static Entry at(String id, String screen) {
        return new Entry(id, new Target.ToScreen(screen), Optional.empty(), Rest.NONE);
    }
}
