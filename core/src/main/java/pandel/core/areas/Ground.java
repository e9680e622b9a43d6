package pandel.core.areas;

import java.util.ArrayList;
import java.util.List;

/**
 * What stands on one ground, sorted by what it is.
 *
 * @param box the ground's rectangle
 * @param boxes things with a ground of their own
 * @param drawings larger things without one
 * @param separators lines that part things
 * @param glyphs letters and signs one by one
 * @param lines words and signs, a rectangle a line
 * @param things boxes, drawings and lines together
 */
record Ground(
        Box box,
        List<Box> boxes,
        List<Box> drawings,
        List<Box> separators,
        List<Box> glyphs,
        List<Box> lines,
        List<Box> things) {

    /** Narrower and lower specks are dust of a compressed picture. */
    private static final int SPECK = 2;

    static Ground of(Piece piece, boolean whole) {
        List<Box> boxes = new ArrayList<>();
        List<Box> drawings = new ArrayList<>();
        List<Box> separators = new ArrayList<>();
        List<Box> glyphs = new ArrayList<>();
        for (Piece inside : piece.inside()) {
            if (!whole && isEdge(inside, piece.box())) {
                continue;
            }
            switch (inside.kind()) {
                case GROUND -> boxes.add(inside.box());
                case LINE -> separators.add(inside.box());
                case DRAWING -> {
                    drawings.add(inside.box());
                    inside.inside().forEach(even -> boxes.add(even.box()));
                }
                case GLYPH -> {
                    if (inside.box().width() > SPECK || inside.box().height() > SPECK) {
                        glyphs.add(inside.box());
                    }
                }
            }
        }
        List<Box> lines = Words.lines(glyphs);
        List<Box> things = new ArrayList<>(boxes);
        things.addAll(drawings);
        things.addAll(lines);
        return new Ground(piece.box(), boxes, drawings, separators, glyphs, lines, things);
    }

    /** The outline of a thing, or the softened corner of one. */
    private static boolean isEdge(Piece inside, Box of) {
        Box box = inside.box();
        return inside.kind() != Piece.Kind.GROUND
                && (box.width() >= 0.9 * of.width() && box.height() >= 0.9 * of.height()
                        || inside.kind() == Piece.Kind.GLYPH
                                && (box.left() <= of.left() || box.right() >= of.right())
                                && (box.top() <= of.top() || box.bottom() >= of.bottom()));
    }
}
