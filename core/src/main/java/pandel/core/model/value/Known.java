package pandel.core.model.value;

/**
 * Everything that conditions and links can read at one moment.
 *
 * @param held what the current place was given, and what was typed in it
 * @param row the row that is touched, if any is
 */
public record Known(Facts facts, PlaceMemory held, TouchedRow row) {

    /** Facts alone. */
    public static Known of(Facts facts) {
        return new Known(facts, PlaceMemory.NONE, TouchedRow.NONE);
    }

    public static Known of(Facts facts, PlaceMemory held) {
        return new Known(facts, held, TouchedRow.NONE);
    }

    /** The same at the touch of a row. */
    public Known atRow(TouchedRow touched) {
        return touched.isRow() ? new Known(facts, held, touched) : this;
    }

    /** What a source gives now; nothing where there is nothing. */
    public Value value(ValueScope scope, Source source) {
        return switch (source) {
            case Source.Constant c -> c.value();
            case Source.OfFact f -> facts.of(scope, f.id());
            case Source.Given g -> held.given().getOrDefault(g.name(), Value.NOTHING);
            case Source.Typed t -> held.typed().getOrDefault(t.field(), Value.NOTHING);
            case Source.OfRow r -> row.values().getOrDefault(r.name(), Value.NOTHING);
        };
    }
}
