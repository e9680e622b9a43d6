package pandel.core.model.frame;

import io.soabase.recordbuilder.core.RecordBuilder;
import pandel.core.model.rest.Rest;

/**
 * A list screen and its detail, drawn side by side where there is room.
 *
 * @param list id of the screen at the left
 * @param detail id of the screen that stands right after it on the trail
 * @param share of the width that the list takes, in hundredths, 20 to 80
 */
@RecordBuilder
public record Pair(String id, String list, String detail, int share, Rest rest) implements PairBuilder.With {

    /** What a list takes unless it is said. */
    public static final int USUAL_SHARE = 38;
    /** Least and most hundredths that a list takes. */
    public static final int LEAST = 20;

    public static final int MOST = 80;

    public Pair {
        if (share < LEAST || share > MOST) {
            throw new IllegalArgumentException(
                    "The list of a pair takes " + LEAST + " to " + MOST + " hundredths of the width");
        }
    }

    /** One whose list takes as much as is usual. */
    public static Pair of(String id, String list, String detail) {
        return new Pair(id, list, detail, USUAL_SHARE, Rest.NONE);
    }
}
