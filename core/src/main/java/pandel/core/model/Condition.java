package pandel.core.model;

import java.util.Locale;

/**
 * Something that holds or does not: a fact compared with a constant.
 *
 * @param fact id of the fact; one that is not there holds nothing
 * @param with is not looked at by {@link Compare#EMPTY}
 */
public record Condition(String fact, Compare compare, Value with) {

    /** How two values are compared. At least and at most are for numbers alone, else false. */
    public enum Compare {
        IS, IS_NOT, AT_LEAST, AT_MOST, EMPTY;

        /** The words in sentences and in the file. */
        public String word() {
            return this == EMPTY ? "is empty" : name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /** Whether it holds. 0 and no are not empty. */
    public boolean holds(Prototype prototype, Facts facts) {
        Value now = facts.of(prototype, fact);
        return switch (compare) {
            case IS -> now.equals(with);
            case IS_NOT -> !now.equals(with);
            case AT_LEAST -> now instanceof Value.Number a && with instanceof Value.Number b && a.of() >= b.of();
            case AT_MOST -> now instanceof Value.Number a && with instanceof Value.Number b && a.of() <= b.of();
            case EMPTY -> now.equals(Value.NOTHING);
        };
    }

    /** "signed in is yes", "basket at least 3", "plan is empty". */
    public String words(Prototype prototype) {
        String name = prototype.fact(fact).map(Fact::title).orElse(fact + " (removed)");
        return name + " " + compare.word() + (compare == Compare.EMPTY ? "" : " " + with.shown());
    }
}
