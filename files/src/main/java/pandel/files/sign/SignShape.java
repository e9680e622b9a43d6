package pandel.files.sign;

import java.awt.geom.GeneralPath;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.kordamp.ikonli.boxicons.BoxiconsRegular;

/**
 * The shape of a sign that comes with the program: a few of our own, as lines on a square of 24, and an open set of
 * many, filled.
 *
 * @param box what of the plane is seen, as SVG writes it: x, y, width, height
 * @param path as SVG writes it
 * @param line whether it is drawn as a line, else filled
 */
public record SignShape(String box, String path, boolean line) {

    private static final Map<String, String> LINES = new LinkedHashMap<>();
    private static final Map<String, BoxiconsRegular> LETTERS = Arrays.stream(BoxiconsRegular.values())
            .collect(Collectors.toMap(
                    BoxiconsRegular::getDescription, Function.identity(), (a, b) -> a, LinkedHashMap::new));

    static {
        LINES.put("back", "M20 12 H4 M11 5 L4 12 L11 19");
        LINES.put("house", "M3 11 L12 3 L21 11 M5 10 V21 H19 V10");
        LINES.put("list", "M4 6 H20 M4 12 H20 M4 18 H20");
        LINES.put("box", "M3 7 H21 V20 H3 Z M3 7 L6 3 H18 L21 7 M9 11 H15");
        LINES.put("bell", "M5 17 V11 A7 7 0 0 1 19 11 V17 L21 19 H3 Z M10 22 H14");
        LINES.put("person", "M8 8 A4 4 0 1 0 16 8 A4 4 0 1 0 8 8 M4 21 A8 7 0 0 1 20 21");
        LINES.put("lens", "M4 10 A6 6 0 1 0 16 10 A6 6 0 1 0 4 10 M15 15 L21 21");
        LINES.put("calendar", "M4 5 H20 V21 H4 Z M4 10 H20 M8 3 V7 M16 3 V7");
        LINES.put("heart", "M12 20 L4 12 A4.5 4.5 0 0 1 12 7 A4.5 4.5 0 0 1 20 12 Z");
        LINES.put("gauge", "M3 18 A9 9 0 1 1 21 18 M12 18 L16 10");
        LINES.put("map", "M3 6 L9 4 L15 6 L21 4 V18 L15 20 L9 18 L3 20 Z M9 4 V18 M15 6 V20");
        LINES.put("cross", "M12 4 V20 M4 12 H20");
        LINES.put("dots", "M5 12 H6 M11.5 12 H12.5 M18 12 H19");
    }

    /** Names of all signs that come with the program, our own first. */
    public static List<String> names() {
        return Stream.concat(LINES.keySet().stream(), LETTERS.keySet().stream()).toList();
    }

    /** The letter of the open set's font that a sign is; empty where it is drawn as a line. */
    public static Optional<BoxiconsRegular> letter(String name) {
        return Optional.ofNullable(LETTERS.get(name));
    }

    /** The lines of a sign of ours, on a square of 24; of one that is not known a square. */
    public static String lines(String name) {
        return LINES.getOrDefault(name, "M5 5 H19 V19 H5 Z");
    }

    /** The shape of a sign by its name. */
    public static SignShape of(String name) {
        return letter(name)
                .map(letter -> Letters.shape(letter.getCode()))
                .orElseGet(() -> new SignShape("0 0 24 24", lines(name), true));
    }

    /** The font of the set, read when the first shape of it is asked for. */
    private static final class Letters {
        private static final String FILE = "/META-INF/resources/boxicons/2.0.7/fonts/boxicons.ttf";
        private static final TrueTypeFont FONT = font();

        private static TrueTypeFont font() {
            try (InputStream in = Objects.requireNonNull(BoxiconsRegular.class.getResourceAsStream(FILE))) {
                return new TTFParser().parse(new RandomAccessReadBuffer(in));
            } catch (IOException e) {
                throw new UncheckedIOException("The font of the signs cannot be read", e);
            }
        }

        static synchronized SignShape shape(int code) {
            try {
                int glyph = FONT.getUnicodeCmapLookup().getGlyphId(code);
                GeneralPath path = FONT.getGlyph().getGlyph(glyph).getPath();
                Rectangle2D bounds = path.getBounds2D();
                int em = FONT.getUnitsPerEm();
                return new SignShape(
                        Math.round(bounds.getCenterX() - em / 2.0) + " " + Math.round(-bounds.getCenterY() - em / 2.0)
                                + " " + em + " " + em,
                        written(path),
                        false);
            } catch (IOException e) {
                throw new UncheckedIOException("A sign cannot be read", e);
            }
        }

        /** As SVG writes it; a font's y goes up. */
        private static String written(GeneralPath path) {
            StringBuilder out = new StringBuilder();
            double[] at = new double[6];
            for (PathIterator i = path.getPathIterator(null); !i.isDone(); i.next()) {
                int kind = i.currentSegment(at);
                int points = switch (kind) {
                    case PathIterator.SEG_CLOSE -> 0;
                    case PathIterator.SEG_QUADTO -> 2;
                    case PathIterator.SEG_CUBICTO -> 3;
                    default -> 1;
                };
                out.append("MLQCZ".charAt(kind));
                for (int p = 0; p < points; p++) {
                    out.append(p == 0 ? "" : " ")
                            .append(Math.round(at[2 * p]))
                            .append(' ')
                            .append(Math.round(-at[2 * p + 1]));
                }
            }
            return out.toString();
        }
    }
}
