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
 */
@RecordBuilder
public record Takes(OptionalInt ms, boolean givenUp, Sign sign) implements TakesBuilder.With {

    /** Where a busy sign moves while a link is at work. */
    public enum Sign {
        /** In the middle of what is seen. */
        MIDDLE,
        /** On what was touched. */
        TOUCHED,
        /** Nowhere: the picture says it. */
        NONE;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Until the work is done, with a sign in the middle; device back gives it up. */
    public static final Takes UNTIL_DONE = new Takes(OptionalInt.empty(), true, Sign.MIDDLE);

    public Takes {
        if (ms.isPresent() && ms.getAsInt() < 1) {
            throw new IllegalArgumentException("What takes time takes 1 ms or more: " + ms.getAsInt());
        }
    }

    /** So many ms. */
    public static Takes of(int ms) {
        return new Takes(OptionalInt.of(ms), true, Sign.MIDDLE);
    }
}
