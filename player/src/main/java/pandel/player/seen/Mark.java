package pandel.player.seen;

import pandel.core.model.screen.Area;

/**
 * One thing that is drawn.
 *
 * @param at where, in px of the device
 * @param ink its colour, as CSS writes it
 * @param opacity 0 to 1
 * @param round px of its corners
 * @param words those that are drawn, the sign's name, or the picture's content
 * @param px of the letters, or of the sign
 * @param strong whether the letters are heavier
 * @param wraps whether words go on in the next line
 */
public record Mark(
        Kind kind,
        Area at,
        String ink,
        double opacity,
        double round,
        String words,
        double px,
        Align align,
        boolean strong,
        boolean wraps) {

    /** What it is. */
    public enum Kind {
        BOX,
        RING,
        WORDS,
        SIGN,
        PICTURE
    }

    /** Where words stand in their area. */
    public enum Align {
        LEFT,
        CENTRE,
        RIGHT,
        FOOT
    }

    /** An area, of which there is always something. */
    static Area at(double x, double y, double width, double height) {
        return new Area(x, y, Math.max(1, width), Math.max(1, height));
    }

    static Mark box(Area at, String ink, double opacity, double round) {
        return new Mark(Kind.BOX, at, ink, opacity, round, "", 0, Align.LEFT, false, false);
    }

    static Mark box(Area at, String ink) {
        return box(at, ink, 1, 0);
    }

    static Mark ring(Area at, String ink) {
        return new Mark(Kind.RING, at, ink, 1, 0, "", 0, Align.LEFT, false, false);
    }

    static Mark words(Area at, String words, double px, Align align, String ink, boolean strong) {
        return new Mark(Kind.WORDS, at, ink, 1, 0, words, px, align, strong, false);
    }

    /** A sign about a middle. */
    static Mark sign(String name, String ink, double px, double x, double y) {
        return new Mark(Kind.SIGN, at(x - px / 2, y - px / 2, px, px), ink, 1, 0, name, px, Align.CENTRE, false, false);
    }

    static Mark picture(Area at, String content) {
        return new Mark(Kind.PICTURE, at, "", 1, 0, content, 0, Align.LEFT, false, false);
    }

    Mark wrapping() {
        return new Mark(kind, at, ink, opacity, round, words, px, align, strong, true);
    }

    Mark faint(double other) {
        return new Mark(kind, at, ink, other, round, words, px, align, strong, wraps);
    }
}
