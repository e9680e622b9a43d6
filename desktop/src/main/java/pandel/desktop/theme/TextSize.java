package pandel.desktop.theme;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A stylesheet with larger words: sizes of letters, and heights and widths that rows and columns are given, grow
 * together. What is drawn small as a picture is, the map's chips and what stands on mocks, has its own size.
 */
public final class TextSize {

    private static final Pattern SIZE =
            Pattern.compile("(-fx-(?:font-size|(?:min|pref|max)-(?:height|width)):\\s*)(\\d+(?:\\.\\d+)?)");
    private static final Pattern DRAWN = Pattern.compile("^\\.(chip|map-|mock-|scroll-bar|bond|patch|typed-text)");

    private static double factor = 1;

    private TextSize() {}

    /** From now on words are so large. Called on the interface thread. */
    public static void set(int percent) {
        factor = percent / 100.0;
    }

    /** A length that holds words, as it has to be for words of the size in use. */
    public static double px(double usual) {
        return usual * factor;
    }

    /** Where a sheet in that size can be read from. */
    static String url(String css, int percent) {
        return "data:text/css;base64,"
                + Base64.getEncoder().encodeToString(scaled(css, percent).getBytes(StandardCharsets.UTF_8));
    }

    static String scaled(String css, int percent) {
        return css.lines()
                .map(line -> DRAWN.matcher(line).find() ? line : scaledLine(line, percent))
                .collect(Collectors.joining("\n"));
    }

    private static String scaledLine(String line, int percent) {
        return SIZE.matcher(line)
                .replaceAll(found -> Matcher.quoteReplacement(found.group(1)
                        + new BigDecimal(found.group(2))
                                .multiply(new BigDecimal(percent))
                                .divide(new BigDecimal(100), 1, RoundingMode.HALF_UP)
                                .toPlainString()));
    }
}
