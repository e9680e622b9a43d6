package pandel.core.model.value;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A value that a screen expects.
 *
 * @param name as it stands in braces in words on the screen: “loan” for {loan}
 * @param words those it can be, for one of some; else empty
 * @param required whether a move to the screen is refused without it
 * @param fallback what it is when nothing is carried
 */
@RecordBuilder
public record Expected(String name, Kind kind, List<String> words, boolean required, Optional<Value> fallback)
        implements ExpectedBuilder.With {

    /** What a value can be. */
    public enum Kind {
        TEXT,
        NUMBER,
        YES_NO,
        ONE_OF;

        /** The words in sentences and in the file. */
        public String word() {
            return switch (this) {
                case TEXT -> "text";
                case NUMBER -> "number";
                case YES_NO -> "yes/no";
                case ONE_OF -> "one of";
            };
        }
    }

    public Expected {
        words = List.copyOf(words);
    }

    /** A required text. */
    public static Expected text(String name) {
        return new Expected(name, Kind.TEXT, List.of(), true, Optional.empty());
    }

    /** Whether a move to the screen is refused when nothing is carried. */
    public boolean mustBeCarried() {
        return required && fallback.isEmpty();
    }

    /**
     * A value as this takes it; empty when it is missing: empty itself, or of the wrong type. Text that reads as a
     * number is one.
     */
    public Optional<Value> take(Value value) {
        if (value.equals(Value.NOTHING)) {
            return Optional.empty();
        }
        return switch (kind) {
            case TEXT -> Optional.of(value instanceof Value.Text ? value : new Value.Text(value.shown()));
            case NUMBER -> value.number().map(n -> n);
            case YES_NO -> Optional.of(value).filter(Value.YesNo.class::isInstance);
            case ONE_OF -> Optional.<Value>of(new Value.Text(value.shown())).filter(v -> words.contains(value.shown()));
        };
    }

    public Expected withKind(Kind other, List<String> otherWords) {
        return new Expected(name, other, otherWords, required, fallback);
    }
}
