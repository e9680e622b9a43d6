package pandel.core.model.link;

/** Which page of a sequence is turned to. */
public sealed interface PageTurn {

    /** The one after the current page; on the last one the sequence is finished. */
    record Next() implements PageTurn {}

    /** The one before the current page. */
    record Previous() implements PageTurn {}

    /**
     * A page by its number.
     *
     * @param number from 1
     */
    record To(int number) implements PageTurn {
        public To {
            if (number < 1) {
                throw new IllegalArgumentException("Pages are counted from 1: " + number);
            }
        }
    }

    /** The word in sentences: "next", "previous", "3". */
    default String word() {
        return switch (this) {
            case Next n -> "next";
            case Previous p -> "previous";
            case To to -> Integer.toString(to.number());
        };
    }
}
