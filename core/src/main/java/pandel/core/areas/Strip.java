package pandel.core.areas;

import java.util.List;

/**
 * A strip of tabs drawn at the foot of a picture.
 *
 * @param cells from the left
 * @param ink what each looks like
 */
record Strip(List<Box> cells, List<Long> ink) {

    /** So far the edges of the same strip may be apart on two pictures, in px. */
    private static final int NEAR = 3;

    /** The tab that is chosen looks otherwise: so many may differ. */
    private static final int CHOSEN = 2;

    Strip {
        cells = List.copyOf(cells);
        ink = List.copyOf(ink);
    }

    /** Whether another is the same strip, on whichever tab it stands. */
    boolean same(Strip other) {
        if (cells.size() != other.cells.size()) {
            return false;
        }
        int differ = 0;
        for (int i = 0; i < cells.size(); i++) {
            if (Math.abs(cells.get(i).left() - other.cells.get(i).left()) > NEAR
                    || Math.abs(cells.get(i).top() - other.cells.get(i).top()) > NEAR) {
                return false;
            }
            differ += Ink.same(ink.get(i), other.ink.get(i)) ? 0 : 1;
        }
        return differ <= CHOSEN;
    }
}
