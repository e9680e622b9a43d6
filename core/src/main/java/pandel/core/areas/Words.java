package pandel.core.areas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Letters and signs that stand side by side are lines, lines that stand beneath one another are words together. */
final class Words {

    /** A gap below this share of the height goes on with the line. */
    private static final double SPACE = 0.95;

    /** A gap below this share of the height goes on with the next line. */
    private static final double LEADING = 1.1;

    /** So far lines may be apart at the left or in the middle to be beneath one another. */
    private static final int ASIDE = 3;

    /** What is no higher is a dot or a comma. */
    private static final int DOT = 4;

    /** A gap of so many px parts a sign from the words after it. */
    private static final int SIGN = 4;

    private Words() {}

    /** The sign that a line begins with, or that it is: what stands apart from the letters after it. */
    static Optional<Box> sign(Box line, List<Box> glyphs) {
        List<Box> within = glyphs.stream()
                .filter(line::contains)
                .sorted(Comparator.comparingInt(Box::left))
                .toList();
        Box sign = within.getFirst();
        for (Box glyph : within) {
            if (glyph.left() - sign.right() >= SIGN) {
                return Optional.of(sign).filter(s -> s.height() >= SIGN);
            }
            sign = sign.with(glyph);
        }
        return isSign(sign) ? Optional.of(sign) : Optional.empty();
    }

    /** About as wide as it is high, as words are not. */
    static boolean isSign(Box line) {
        return line.width() <= 40 && line.width() <= 1.6 * line.height() && line.height() >= SIGN;
    }

    /** The lines of some glyphs, from the left to the right. */
    static List<Box> lines(List<Box> glyphs) {
        List<Box> lines = new ArrayList<>();
        glyphs.stream().sorted(Comparator.comparingInt(Box::left)).forEach(glyph -> {
            for (int i = 0; i < lines.size(); i++) {
                Box line = lines.get(i);
                if (beside(line, glyph)) {
                    lines.set(i, line.with(glyph));
                    return;
                }
            }
            lines.add(glyph);
        });
        return dotted(lines);
    }

    private static boolean beside(Box line, Box glyph) {
        int height = Math.max(line.height(), glyph.height());
        return -line.above(glyph) < SPACE * Math.max(height, 8)
                && line.besides(glyph) * 2 >= Math.min(line.height(), glyph.height());
    }

    /** Dots and accents join the line that they stand above or beneath. */
    private static List<Box> dotted(List<Box> lines) {
        List<Box> whole = new ArrayList<>(
                lines.stream().filter(line -> line.height() > DOT).toList());
        for (Box dot : lines) {
            if (dot.height() > DOT) {
                continue;
            }
            boolean joined = false;
            for (int i = 0; i < whole.size() && !joined; i++) {
                Box line = whole.get(i);
                joined = line.above(dot) > 0 && -line.besides(dot) < DOT;
                if (joined) {
                    whole.set(i, line.with(dot));
                }
            }
            if (!joined) {
                whole.add(dot);
            }
        }
        return whole;
    }

    /** Lines that belong together, each group as its rectangle. */
    static List<Box> blocks(List<Box> lines) {
        List<Box> blocks = new ArrayList<>();
        List<Box> last = new ArrayList<>();
        lines.stream().sorted(Comparator.comparingInt(Box::top)).forEach(line -> {
            for (int i = 0; i < blocks.size(); i++) {
                Box above = last.get(i);
                int height = Math.min(above.height(), line.height());
                int gap = -above.besides(line);
                if (gap >= 0
                        && gap < LEADING * height
                        && Math.max(above.height(), line.height()) < 2 * height
                        && (Math.abs(above.left() - line.left()) <= ASIDE
                                || Math.abs(above.middleX() - line.middleX()) <= ASIDE)) {
                    blocks.set(i, blocks.get(i).with(line));
                    last.set(i, line);
                    return;
                }
            }
            blocks.add(line);
            last.add(line);
        });
        return blocks;
    }
}
