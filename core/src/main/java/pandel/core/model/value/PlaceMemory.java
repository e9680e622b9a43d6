package pandel.core.model.value;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * What one place remembers: the values it was given, by name, what was typed in it, by the field’s hotspot, and the row
 * it was come to from.
 */
public final class PlaceMemory {

    /** Nothing given, nothing typed. */
    public static final PlaceMemory NONE = new PlaceMemory(Map.of(), Map.of(), Optional.empty());

    private final Map<String, Value> given;
    private final Map<String, Value> typed;
    private final Optional<RowOrigin> from;
    private final int hash;

    private PlaceMemory(Map<String, Value> given, Map<String, Value> typed, Optional<RowOrigin> from) {
        this.given = given;
        this.typed = typed;
        this.from = from;
        this.hash = (given.hashCode() * 31 + typed.hashCode()) * 31 + from.hashCode();
    }

    /** A place with values and nothing typed. */
    public static PlaceMemory given(Map<String, Value> values) {
        return of(values, Map.of());
    }

    /**
     * @param given by name
     * @param typed by id of the field’s hotspot
     */
    public static PlaceMemory of(Map<String, Value> given, Map<String, Value> typed) {
        return of(given, typed, Optional.empty());
    }

    /**
     * @param given by name
     * @param typed by id of the field’s hotspot
     * @param from the row of a list that it was come to from
     */
    public static PlaceMemory of(Map<String, Value> given, Map<String, Value> typed, Optional<RowOrigin> from) {
        return given.isEmpty() && typed.isEmpty() && from.isEmpty()
                ? NONE
                : new PlaceMemory(sorted(given), sorted(typed), from);
    }

    private static Map<String, Value> sorted(Map<String, Value> values) {
        return values.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(values));
    }

    /** By name, sorted. */
    public Map<String, Value> given() {
        return given;
    }

    /** By id of the field’s hotspot, sorted; nothing typed is left out. */
    public Map<String, Value> typed() {
        return typed;
    }

    /** The row of a list that it was come to from; empty: from none. */
    public Optional<RowOrigin> from() {
        return from;
    }

    /** The same with that text in a field, and no other; empty text leaves nothing. */
    public PlaceMemory typing(String field, String text) {
        TreeMap<String, Value> changed = new TreeMap<>(typed);
        if (text.isEmpty()) {
            changed.remove(field);
        } else {
            changed.put(field, new Value.Text(text));
        }
        return of(given, changed, from);
    }

    /**
     * The same without the given values and typed texts of other names.
     *
     * @param row whether it stays known which row it was come to from
     */
    public PlaceMemory only(Set<String> givenNames, Set<String> fields, boolean row) {
        if (this == NONE
                || givenNames.containsAll(given.keySet())
                        && fields.containsAll(typed.keySet())
                        && (row || from.isEmpty())) {
            return this;
        }
        return of(kept(given, givenNames::contains), kept(typed, fields::contains), row ? from : Optional.empty());
    }

    private static Map<String, Value> kept(Map<String, Value> of, Predicate<String> which) {
        TreeMap<String, Value> kept = new TreeMap<>(of);
        kept.keySet().removeIf(which.negate());
        return kept;
    }

    @Override
    public boolean equals(@org.jspecify.annotations.Nullable Object other) {
        return this == other
                || other instanceof PlaceMemory held
                        && hash == held.hash
                        && given.equals(held.given)
                        && typed.equals(held.typed)
                        && from.equals(held.from);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return given + " " + typed
                + from.map(f -> " row " + f.number() + " of " + f.list()).orElse("");
    }
}
