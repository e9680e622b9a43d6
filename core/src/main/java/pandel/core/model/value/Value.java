package pandel.core.model.value;

/** What a fact holds, or is compared with. */
public sealed interface Value {

    /** Nothing: what an unknown fact holds. */
    Value NOTHING = new Text("");

    /** Yes or no. */
    record YesNo(boolean yes) implements Value {}

    /** A whole number. */
    record Number(int of) implements Value {}

    /** A word or words; empty: nothing chosen. */
    record Text(String words) implements Value {}

    /** It as a whole number, where it is one or reads as one. */
    default java.util.Optional<Number> number() {
        return switch (this) {
            case Number n -> java.util.Optional.of(n);
            case Text t
            when t.words().strip().matches("[-−]?[0-9]{1,9}") ->
                java.util.Optional.of(
                        new Number(Integer.parseInt(t.words().strip().replace('−', '-'))));
            default -> java.util.Optional.empty();
        };
    }

    /** Whether it is the same. Two texts are as they are written; beside a number a text that reads as one is one. */
    default boolean is(Value other) {
        return equals(other) || isNumberBeside(other) && number().isPresent() && number().equals(other.number());
    }

    /** Whether the two compare as numbers, if they are any: one of them is a number as it stands. */
    default boolean isNumberBeside(Value other) {
        return this instanceof Number || other instanceof Number;
    }

    /** As people read it: "yes", "3", "gold", "nothing". */
    default String shown() {
        return switch (this) {
            case YesNo y -> y.yes() ? "yes" : "no";
            case Number n -> Integer.toString(n.of());
            case Text t -> t.words().isEmpty() ? "nothing" : t.words();
        };
    }
}
