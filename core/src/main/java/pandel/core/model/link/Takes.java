package pandel.core.model.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Locale;
import java.util.OptionalInt;

/**
 * The time a link takes between a touch and what it does.
 *
 * @param ms 1 to 86,400,000; empty: until the work is done
 * @param givenUp whether device back gives it up
 * @param sign where a busy sign moves meanwhile
 * @param at its middle, where it has a place of its own; else of no matter
 */
@RecordBuilder
public record Takes(OptionalInt ms, boolean givenUp, Sign sign, At at) implements TakesBuilder.With {

    /** Where a busy sign moves while a link is at work. */
    public enum Sign {
        /** In the middle of what is seen. */
        MIDDLE,
        /** On what was touched. */
        TOUCHED,
        /** At a place of its own. */
        PLACED,
        /** Nowhere: the picture says it. */
        NONE;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A place on what is seen of the device.
     *
     * @param x hundredths of its width, 0 to 100
     * @param y hundredths of its height, 0 to 100
     */
    @RecordBuilder
    public record At(double x, double y) {
        public static final At MIDDLE = new At(50, 50);

        public At {
            if (!(x >= 0 && x <= 100 && y >= 0 && y <= 100)) {
                throw new IllegalArgumentException(
                        "A busy sign stands within 0 to 100 hundredths of the width and of the height");
            }
        }
    }

    /** Until the work is done, with a sign in the middle; device back gives it up. */
    public static final Takes UNTIL_DONE = new Takes(OptionalInt.empty(), true, Sign.MIDDLE, At.MIDDLE);

    public Takes {
        at = sign == Sign.PLACED ? at : At.MIDDLE;
        if (ms.isPresent() && ms.getAsInt() < 1) {
            throw new IllegalArgumentException("What takes time takes 1 ms or more: " + ms.getAsInt());
        }
    }

    /** The same with its sign at a place of its own. */
    public Takes placed(At place) {
        return new Takes(ms, givenUp, Sign.PLACED, place);
    }

    /** So many ms. */
    public static Takes of(int ms) {
        return new Takes(OptionalInt.of(ms), true, Sign.MIDDLE, At.MIDDLE);
    }
}
