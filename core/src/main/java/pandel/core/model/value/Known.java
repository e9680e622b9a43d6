package pandel.core.model.value;

import java.util.Map;

/**
 * Everything that conditions and links can read at one moment.
 *
 * @param held what the current place was given, and what was typed in it
 * @param row what the touched row holds, by name; empty where no row is touched
 */
public record Known(Facts facts, PlaceMemory held, Map<String, Value> row) {

    /** Facts alone. */
    public static Known of(Facts facts) {
        return new Known(facts, PlaceMemory.NONE, Map.of());
    }

    public static Known of(Facts facts, PlaceMemory held) {
        return new Known(facts, held, Map.of());
    }

    /** The same at the touch of a row. */
    public Known atRow(Map<String, Value> values) {
        return values.isEmpty() ? this : new Known(facts, held, values);
    }

    /** What a source gives now; nothing where there is nothing. */
    public Value value(ValueScope scope, Source source) {
        return switch (source) {
            case Source.Constant c -> c.value();
            case Source.OfFact f -> facts.of(scope, f.id());
            case Source.Given g -> held.given().getOrDefault(g.name(), Value.NOTHING);
            case Source.Typed t -> held.typed().getOrDefault(t.field(), Value.NOTHING);
            case Source.OfRow r -> row.getOrDefault(r.name(), Value.NOTHING);
        };
    }
}
