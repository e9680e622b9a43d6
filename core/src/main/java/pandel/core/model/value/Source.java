package pandel.core.model.value;

/** Where a value comes from: what a link carries, what a fact is set to, what conditions compare. */
public sealed interface Source {

    /** Always the same. */
    record Constant(Value value) implements Source {}

    /**
     * What a fact holds.
     *
     * @param id of the fact; one that is not there holds nothing
     */
    record OfFact(String id) implements Source {}

    /** What the current screen was given under a name it expects. */
    record Given(String name) implements Source {}

    /**
     * What was typed in a field of the current screen.
     *
     * @param field id of its hotspot
     */
    record Typed(String field) implements Source {}

    /** What the touched row of a repeated hotspot holds under a name. */
    record OfRow(String name) implements Source {}

    /** A source that always gives that. */
    static Source of(Value value) {
        return new Constant(value);
    }

    /** The id of the fact it reads. */
    default java.util.Optional<String> fact() {
        return this instanceof OfFact f ? java.util.Optional.of(f.id()) : java.util.Optional.empty();
    }

    /** "gold", "the fact basket", "the given loan", "what is typed in Card number", "the row’s loan". */
    default String words(ValueScope scope) {
        return switch (this) {
            case Constant c -> c.value().shown();
            case OfFact f -> scope.fact(f.id()).map(Fact::title).orElse(f.id() + " (removed)");
            case Given g -> "given " + g.name();
            case Typed t ->
                "typed "
                        + scope.fieldTitle(t.field())
                                .map(h -> h.isBlank() ? "text" : h)
                                .orElse(t.field() + " (removed)");
            case OfRow r -> "row " + r.name();
        };
    }
}
