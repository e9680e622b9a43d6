package pandel.core.areas;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The parts of a picture as a tree: the largest part is the ground; what is left of the others when it is taken away
 * falls into pieces, and each is looked at the same way again.
 */
final class Pieces {

    /** Deeper than this nothing is pressed that is not found before. */
    private static final int DEEPEST = 8;

    /** A ground spans at least these shares of a piece, and fills at least that of its rectangle. */
    private static final double WIDE = 0.8;

    private static final double HIGH = 0.75;
    private static final double FILLED = 0.2;

    /** Smaller pieces are letters or signs, whatever fills them. */
    private static final int SMALL_WIDTH = 22;

    private static final int SMALL_HEIGHT = 18;

    /** At most so large is a letter or a sign. */
    private static final int GLYPH_WIDTH = 64;

    private static final int GLYPH_HEIGHT = 40;

    /** Two px thick and longer than this is a line. */
    private static final int LINE = 24;

    /** An even part so large that fills half of its rectangle stands as a thing of its own on a photo. */
    private static final int EVEN = 24;

    /** More even parts than this are a pattern. */
    private static final int EVENS = 80;

    /** More than so many pieces on one ground are noise, not things. */
    private static final int MOST = 6000;

    private final Parts parts;
    /** By part, the last search that came to it, or 0. */
    private final int[] met;

    private final int[] within;
    private int searches;

    private Pieces(Parts parts) {
        this.parts = parts;
        met = new int[parts.count()];
        within = new int[parts.count()];
    }

    /** The whole picture as one piece, its ground being the largest part. */
    static Piece of(Parts parts) {
        if (parts.isNoise()) {
            return new Piece(parts.all(), Piece.Kind.GROUND, List.of());
        }
        int[] all = new int[parts.count()];
        Arrays.setAll(all, i -> i);
        Pieces pieces = new Pieces(parts);
        return new Piece(parts.all(), Piece.Kind.GROUND, pieces.on(all, pieces.largest(all), 0));
    }

    private int largest(int[] some) {
        int largest = some[0];
        for (int part : some) {
            if (parts.size(part) > parts.size(largest)) {
                largest = part;
            }
        }
        return largest;
    }

    /** What stands on a ground, of some parts that hold together. */
    private List<Piece> on(int[] some, int ground, int deep) {
        int search = ++searches;
        for (int part : some) {
            within[part] = search;
        }
        within[ground] = 0;
        List<int[]> groups = new ArrayList<>();
        for (int part : some) {
            if (part != ground && met[part] != search) {
                groups.add(group(part, search));
                if (groups.size() > MOST) {
                    return List.of();
                }
            }
        }
        List<Piece> pieces = new ArrayList<>();
        for (int[] group : groups) {
            pieces.add(piece(group, deep));
        }
        return pieces;
    }

    /** The parts that hold together with one, of those of this search. */
    private int[] group(int start, int search) {
        int[] found = new int[16];
        found[0] = start;
        met[start] = search;
        int count = 1;
        for (int i = 0; i < count; i++) {
            for (int t = parts.firstTouching(found[i]); t < parts.endTouching(found[i]); t++) {
                int next = parts.touching(t);
                if (within[next] == search && met[next] != search) {
                    met[next] = search;
                    if (count == found.length) {
                        found = Arrays.copyOf(found, count * 2);
                    }
                    found[count++] = next;
                }
            }
        }
        return Arrays.copyOf(found, count);
    }

    private Piece piece(int[] some, int deep) {
        Box box = parts.box(some[0]);
        for (int part : some) {
            box = box.with(parts.box(part));
        }
        if (Math.min(box.width(), box.height()) <= 2 && Math.max(box.width(), box.height()) > LINE) {
            return new Piece(box, Piece.Kind.LINE, List.of());
        }
        if (box.width() < SMALL_WIDTH || box.height() < SMALL_HEIGHT) {
            return new Piece(
                    box,
                    box.width() <= GLYPH_WIDTH && box.height() <= GLYPH_HEIGHT ? Piece.Kind.GLYPH : Piece.Kind.DRAWING,
                    List.of());
        }
        int ground = largest(some);
        Box largest = parts.box(ground);
        if (deep < DEEPEST
                && largest.width() >= WIDE * box.width()
                && largest.height() >= HIGH * box.height()
                && parts.size(ground) >= FILLED * box.size()) {
            return new Piece(box, Piece.Kind.GROUND, on(some, ground, deep + 1));
        }
        if (box.width() <= GLYPH_WIDTH && box.height() <= GLYPH_HEIGHT) {
            return new Piece(box, Piece.Kind.GLYPH, List.of());
        }
        return new Piece(box, Piece.Kind.DRAWING, even(some, deep));
    }

    /** Even parts of a drawing that could be things of their own, with what stands on them. */
    private List<Piece> even(int[] some, int deep) {
        List<Piece> pieces = new ArrayList<>();
        if (deep >= DEEPEST) {
            return pieces;
        }
        for (int part : some) {
            Box box = parts.box(part);
            if (box.width() >= EVEN && box.height() >= EVEN && parts.size(part) * 2L >= box.size()) {
                int[] within = Arrays.stream(some)
                        .filter(other -> box.contains(parts.box(other)))
                        .toArray();
                pieces.add(new Piece(box, Piece.Kind.GROUND, on(within, part, deep + 1)));
                if (pieces.size() == EVENS) {
                    break;
                }
            }
        }
        return pieces;
    }
}
