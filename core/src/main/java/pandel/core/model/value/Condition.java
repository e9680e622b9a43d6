package pandel.core.model.value;

import java.util.Locale;
import java.util.stream.Stream;

/**
 * Something that holds or does not: a fact, a given value or a typed text, compared with a constant or with another of
 * them.
 *
 * @param with is not looked at by {@link Compare#EMPTY} and {@link Compare#GIVEN}
 */
public record Condition(Source what, Compare compare, Source with) {

    public Condition {
        if (compare.isAlone()) {
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
        EMPTY,
        /** A value that the place was given, or has by default; anything else is given where it is not empty. */
        GIVEN;

        /** The words in sentences and in the file. */
        public String word() {
            return isAlone()
                    ? "is " + name().toLowerCase(Locale.ROOT)
                    : name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        /** Whether nothing is compared with. */
        public boolean isAlone() {
            return this == EMPTY || this == GIVEN;
        }
    }

    /** Whether it holds. 0 and no are not empty. */
    public boolean holds(ValueScope scope, Known known) {
        Value now = known.value(scope, what);
        if (compare == Compare.GIVEN) {
            return what instanceof Source.Given given
                    ? known.held().given().containsKey(given.name())
                    : !now.equals(Value.NOTHING);
        }
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
            case GIVEN -> !now.equals(Value.NOTHING);
        };
    }

    /** What it reads, one or two. */
    public Stream<Source> sources() {
        return compare.isAlone() ? Stream.of(what) : Stream.of(what, with);
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
        String named =
                compare == Compare.GIVEN && what instanceof Source.Given given ? given.name() : what.words(scope);
        return named + " " + compare.word() + (compare.isAlone() ? "" : " " + with.words(scope));
    }
}
