package pandel.core.model.value;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import pandel.core.model.rest.Rest;

/**
 * A named thing the prototype remembers while it is played. It begins unset: no, 0 (or the bound nearest to it), or
 * nothing chosen.
 *
 * @param title what people call it: "signed in"
 */
@RecordBuilder
public record Fact(String id, String title, Kind kind, Rest rest) {

    /** What a fact can hold. */
    public sealed interface Kind {

        /** Yes or no. */
        record YesNo() implements Kind {}

        /** One of some words, or nothing. */
        record OneOf(List<String> words) implements Kind {
            public OneOf {
                words = List.copyOf(words);
            }
        }

        /** A whole number within bounds, both included. */
        record Number(int least, int most) implements Kind {
            public Number {
                if (least > most) {
                    throw new IllegalArgumentException(
                            "A number’s least is not above its most: " + least + " to " + most);
                }
            }
        }

        /** Any text, of {@link #LONGEST} letters at most. */
        record Text() implements Kind {}

        /** Letters of a text; what is longer is cut. */
        int LONGEST = 200;

        /** The bounds of a number that says none. */
        Number USUAL_NUMBER = new Number(0, 99);

        /** The word in the file. */
        default String word() {
            return switch (this) {
                case YesNo y -> "yes/no";
                case OneOf o -> "one of";
                case Number n -> "number";
                case Text t -> "text";
            };
        }
    }

    /** A fact that is yes or no. */
    public static Fact yesNo(String id, String title) {
        return new Fact(id, title, new Kind.YesNo(), Rest.NONE);
    }

    /** What it holds when nothing was remembered. */
    public Value unset() {
        return switch (kind) {
            case Kind.YesNo y -> new Value.YesNo(false);
            case Kind.OneOf o -> Value.NOTHING;
            case Kind.Number n -> new Value.Number(Math.clamp(0, n.least(), n.most()));
            case Kind.Text t -> Value.NOTHING;
        };
    }

    /** Whether it can hold a value; a number outside its bounds it can, by stopping at them. */
    public boolean takes(Value value) {
        return switch (kind) {
            case Kind.YesNo y -> value instanceof Value.YesNo;
            case Kind.OneOf o ->
                value instanceof Value.Text text
                        && (text.words().isEmpty() || o.words().contains(text.words()));
            case Kind.Number n -> value instanceof Value.Number;
            case Kind.Text t -> value instanceof Value.Text;
        };
    }

    /**
     * What it holds when set to a value: empty unsets it, text that reads as a number is one, a number is a text where
     * text is held; empty when it cannot hold that.
     */
    public java.util.Optional<Value> taking(Value value) {
        if (value.equals(Value.NOTHING)) {
            return java.util.Optional.of(unset());
        }
        Value read = kind instanceof Kind.Number
                ? value.number().<Value>map(n -> n).orElse(value)
                : (kind instanceof Kind.OneOf || kind instanceof Kind.Text) && !(value instanceof Value.YesNo)
                        ? new Value.Text(value.shown())
                        : value;
        return takes(read) ? java.util.Optional.of(within(read)) : java.util.Optional.empty();
    }

    /** A value it takes, within its bounds; a text no longer than it holds. */
    public Value within(Value value) {
        if (kind instanceof Kind.Text
                && value instanceof Value.Text text
                && text.words().codePointCount(0, text.words().length()) > Kind.LONGEST) {
            return new Value.Text(text.words().substring(0, text.words().offsetByCodePoints(0, Kind.LONGEST)));
        }
        return kind instanceof Kind.Number n && value instanceof Value.Number v
                ? new Value.Number(Math.clamp(v.of(), n.least(), n.most()))
                : value;
    }

    /** Every value it can hold; of texts, which are without end, only that it holds none. */
    public List<Value> values() {
        return switch (kind) {
            case Kind.YesNo y -> List.of(new Value.YesNo(false), new Value.YesNo(true));
            case Kind.OneOf o ->
                java.util.stream.Stream.concat(
                                java.util.stream.Stream.of(Value.NOTHING),
                                o.words().stream().<Value>map(Value.Text::new))
                        .toList();
            case Kind.Number n ->
                java.util.stream.IntStream.rangeClosed(n.least(), n.most())
                        .<Value>mapToObj(Value.Number::new)
                        .toList();
            case Kind.Text t -> List.of(Value.NOTHING);
        };
    }
}
