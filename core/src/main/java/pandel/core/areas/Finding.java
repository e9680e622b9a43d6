package pandel.core.areas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** The things of one picture, ground by ground. */
final class Finding {

    /** Room at both sides of words that have no ground, in px. */
    private static final int ASIDE = 26;

    /** Words and signs without a ground get at least this height, signs this width too, in px. */
    private static final int FINGER = 48;

    /** So far two things of a size may be apart in it. */
    private static final int NEAR = 2;

    /** Signs that could recur stand no lower than this, in px. */
    private static final int HEAD = 120;

    private final Pixels pixels;
    private final Box page;
    private final List<Ground> grounds = new ArrayList<>();
    private final Optional<Strip> strip;

    Finding(Pixels pixels) {
        this.pixels = pixels;
        Piece whole = Pieces.of(new Parts(pixels));
        page = whole.box();
        grounds.add(Ground.of(whole, true));
        inside(whole);
        strip = strip(Strips.at(page, grounds));
    }

    private void inside(Piece piece) {
        for (Piece inside : piece.inside()) {
            if (inside.kind() == Piece.Kind.GROUND) {
                grounds.add(Ground.of(inside, false));
            }
            inside(inside);
        }
    }

    List<Thing> things() {
        List<Thing> things = new ArrayList<>();
        List<Box> cells = strip.map(Strip::cells).orElse(List.of());
        cells.forEach(cell -> things.add(new Thing(cell, Thing.Kind.CELL, cells)));
        for (Ground ground : grounds) {
            for (List<Box> rows : Rows.on(ground)) {
                rows.forEach(row -> things.add(new Thing(row, Thing.Kind.ROW, rows)));
                rows.stream()
                        .reduce(Box::with)
                        .filter(list -> rows.size() > 1)
                        .ifPresent(list -> things.add(Thing.alone(list, Thing.Kind.LIST)));
            }
            Map<Box, List<Box>> alike = Alike.of(ground.boxes());
            for (Box box : ground.boxes()) {
                things.add(
                        new Thing(fingered(box, true, ground), Thing.Kind.BOX, Objects.requireNonNull(alike.get(box))));
            }
            ground.drawings().forEach(d -> things.add(Thing.alone(d, Thing.Kind.DRAWING)));
            for (Box words : Words.blocks(ground.lines())) {
                things.add(Thing.alone(fingered(words, false, ground), Thing.Kind.WORDS));
                asLargeAs(words, ground)
                        .map(b -> b.within(page))
                        .ifPresent(box -> things.add(Thing.alone(box, Thing.Kind.WORDS)));
            }
        }
        return things;
    }

    /** The strip of tabs at the foot. */
    Optional<Strip> strip() {
        return strip;
    }

    private Optional<Strip> strip(List<Box> cells) {
        return cells.isEmpty()
                ? Optional.empty()
                : Optional.of(new Strip(
                        cells,
                        cells.stream().map(c -> Ink.of(pixels, c)).toList(),
                        cells.stream().map(pixels::mean).toList()));
    }

    /** The signs near the upper edge. */
    List<Marked> marks() {
        List<Marked> marks = new ArrayList<>();
        for (Ground ground : grounds) {
            for (Box line : ground.lines()) {
                if (line.bottom() <= HEAD) {
                    Words.sign(line, ground.glyphs())
                            .ifPresent(sign ->
                                    marks.add(new Marked(sign, Ink.of(pixels, sign), fingered(line, false, ground))));
                }
            }
        }
        return marks;
    }

    /** Words in the middle beneath or above a button may be pressed as widely as it. */
    private static Optional<Box> asLargeAs(Box words, Ground ground) {
        return ground.boxes().stream()
                .filter(b -> Math.abs(b.middleX() - words.middleX()) <= 2 * NEAR
                        && b.width() > words.width()
                        && b.height() < 3 * Math.max(words.height(), FINGER / 2)
                        && b.height() > words.height())
                .min(Comparator.comparingInt(b -> Math.abs(b.middleY() - words.middleY())))
                .map(b -> {
                    int top = words.middleY() - b.height() / 2;
                    return new Box(b.left(), top, b.right(), top + b.height());
                });
    }

    /** Something small with room for a finger around it, at most half way to the next thing. */
    private static Box fingered(Box box, boolean isBox, Ground ground) {
        int least = isBox ? 0 : Words.isSign(box) ? ASIDE / 3 : ASIDE;
        int aside = Math.max(least, (FINGER - box.width() + 1) / 2);
        int above = Math.max(0, ((isBox ? FINGER - 12 : FINGER) - box.height() + 1) / 2);
        if (aside == 0 && above == 0) {
            return box;
        }
        int left = aside;
        int right = aside;
        int top = above;
        int bottom = above;
        for (Box other :
                (Iterable<Box>) Stream.concat(ground.things().stream(), ground.separators().stream())::iterator) {
            if (box.contains(other) || other.contains(box)) {
                continue;
            }
            if (other.besides(box) > 0) {
                if (other.right() <= box.left()) {
                    left = Math.min(left, (box.left() - other.right()) / 2);
                } else if (other.left() >= box.right()) {
                    right = Math.min(right, (other.left() - box.right()) / 2);
                }
            }
            if (other.above(box) > 0) {
                if (other.bottom() <= box.top()) {
                    top = Math.min(top, (box.top() - other.bottom()) / 2);
                } else if (other.top() >= box.bottom()) {
                    bottom = Math.min(bottom, (other.top() - box.bottom()) / 2);
                }
            }
        }
        return new Box(box.left() - left, box.top() - top, box.right() + right, box.bottom() + bottom)
                .within(ground.box());
    }
}
