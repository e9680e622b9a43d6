package pandel.core.areas;

import java.util.List;

/**
 * Something a press may mean.
 *
 * @param box its area
 * @param kind what it is
 * @param alike the things of its row, column or grid, itself with them, from the top and the left; itself alone where
 *     there are no others
 */
record Thing(Box box, Kind kind, List<Box> alike) {

    enum Kind {
        /** A sign with its words that stands on other pictures too. */
        SIGN,
        /** One of a strip of tabs. */
        CELL,
        /** A button, card or field. */
        BOX,
        /** One of a list. */
        ROW,
        /** All rows of a list together. */
        LIST,
        /** Words or a sign without a ground, with room for a finger. */
        WORDS,
        /** A drawing or photo. */
        DRAWING
    }

    Thing {
        alike = List.copyOf(alike);
    }

    static Thing alone(Box box, Kind kind) {
        return new Thing(box, kind, List.of(box));
    }
}
