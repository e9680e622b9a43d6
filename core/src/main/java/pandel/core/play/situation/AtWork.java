package pandel.core.play.situation;

import java.util.OptionalInt;
import pandel.core.model.value.TouchedRow;

/**
 * A link between its touch and what it does.
 *
 * @param link its id
 * @param row the row that was touched
 * @param onList whether it was touched on the list beside the current place
 * @param left ms until it is done; empty: until the work is done
 */
public record AtWork(String link, TouchedRow row, boolean onList, OptionalInt left) {

    /** The same some ms later. */
    public AtWork after(int ms) {
        return new AtWork(link, row, onList, left.isPresent() ? OptionalInt.of(left.getAsInt() - ms) : left);
    }

    /** The same, touched on the list beside the current place. */
    public AtWork ofList() {
        return new AtWork(link, row, true, left);
    }
}
