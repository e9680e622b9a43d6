package pandel.core.model;

/** What a fact holds, or is compared with. */
public sealed interface Value {

    /** Nothing: what an unknown fact holds. */
    Value NOTHING = new Text("");

    /** Yes or no. */
    record YesNo(boolean yes) implements Value {
    }

    /** A whole number. */
    record Number(int of) implements Value {
    }

    /** A word or words; empty: nothing chosen. */
    record Text(String words) implements Value {
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
