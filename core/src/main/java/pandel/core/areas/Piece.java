package pandel.core.areas;

import java.util.List;

/**
 * What stands on a ground.
 *
 * @param box the smallest rectangle around it
 * @param kind what it looks like
 * @param inside what stands on it in turn, for what has a ground of its own
 */
record Piece(Box box, Kind kind, List<Piece> inside) {

    enum Kind {
        /** Has an even ground of its own that fills it: a button, a card, a field, a sheet. */
        GROUND,
        /** A line that parts one thing from another. */
        LINE,
        /** As small as a letter or a sign. */
        GLYPH,
        /** Larger, without a ground: a drawing or a photo. */
        DRAWING
    }

    Piece {
        inside = List.copyOf(inside);
    }
}
