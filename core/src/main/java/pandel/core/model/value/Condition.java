package pandel.core.model.value;

import java.util.Locale;
import java.util.stream.Stream;

/**
 * Something that holds or does not: a fact, a given value or a typed text, compared with a constant or with another of
 * them.
 *
 * @param with is not looked at by {@link Compare#EMPTY}
 */
public record Condition(Source what, Compare compare, Source with) {

    public Condition {
        if (compare == Compare.EMPTY) {
            with = Source.of(Value.NOTHING);
        }
    }

    /**
     * A fact compared with a constant.
     *
     * @param fact id of the fact; one that is not there holds nothing
     */
    public Condition(String fact, Compare compare, Value with) {
        this(new Source.OfFact(fact), compare, Source.of(with));
    }

    /** How two values are compared. At least and at most are for numbers alone, else false. */
    public enum Compare {
        IS,
        IS_NOT,
        AT_LEAST,
        AT_MOST,
        EMPTY;

        /** The words in sentences and in the file. */
        public String word() {
            return this == EMPTY ? "is empty" : name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /** Whether it holds. 0 and no are not empty. */
    public boolean holds(ValueScope scope, Known known) {
        Value now = known.value(scope, what);
        return compare == Compare.EMPTY ? now.equals(Value.NOTHING) : holds(now, known.value(scope, with));
    }

    private boolean holds(Value now, Value other) {
        return switch (compare) {
            case IS -> now.is(other);
            case IS_NOT -> !now.is(other);
            case AT_LEAST ->
                now.isNumberBeside(other)
                        && now.number()
                                .flatMap(a -> other.number().map(b -> a.of() >= b.of()))
                                .orElse(false);
            case AT_MOST ->
                now.isNumberBeside(other)
                        && now.number()
                                .flatMap(a -> other.number().map(b -> a.of() <= b.of()))
                                .orElse(false);
            case EMPTY -> now.equals(Value.NOTHING);
        };
    }

    /** What it reads, one or two. */
    public Stream<Source> sources() {
        return compare == Compare.EMPTY ? Stream.of(what) : Stream.of(what, with);
    }

    /** Ids of the facts it asks for, also of those that are gone. */
    public Stream<String> facts() {
        return sources().flatMap(s -> s.fact().stream());
    }

    /** Whether it asks for a fact. */
    public boolean asksFor(String fact) {
        return facts().anyMatch(fact::equals);
    }

    /** "signed in is yes", "basket at least 3", "plan is empty", "typed PIN is given PIN". */
    public String words(ValueScope scope) {
        return what.words(scope) + " " + compare.word() + (compare == Compare.EMPTY ? "" : " " + with.words(scope));
    }
}
