package pandel.desktop.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whether what is read can be read, by day and by night: contrast as WCAG 2.2 computes it, and that docs/look.md says
 * the same figures.
 */
class ContrastTest {

    private static final Pattern TOKEN = Pattern.compile("(-[a-z-]+):\\s*#([0-9A-Fa-f]{6})\\b");
    private static final Path DOCS = Path.of("../docs/look.md");

    private static Map<String, Integer> tokens(String sheet) throws IOException {
        try (InputStream in = Objects.requireNonNull(
                ContrastTest.class.getResourceAsStream("/pandel/desktop/theme/" + sheet + ".css"))) {
            Map<String, Integer> tokens = new HashMap<>();
            Matcher found = TOKEN.matcher(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            while (found.find()) {
                tokens.put(found.group(1), Integer.parseInt(found.group(2), 16));
            }
            return tokens;
        }
    }

    /** Relative luminance (WCAG 2.2, of sRGB). */
    private static double luminance(int rgb) {
        double sum = 0;
        for (double[] channel :
                List.of(new double[] {rgb >> 16 & 255, 0.2126}, new double[] {rgb >> 8 & 255, 0.7152}, new double[] {
                    rgb & 255, 0.0722
                })) {
            double c = channel[0] / 255;
            sum += channel[1] * (c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
        return sum;
    }

    private static double contrast(String sheet, String one, String other) throws IOException {
        Map<String, Integer> tokens = tokens(sheet);
        double a = luminance(Objects.requireNonNull(tokens.get("-" + one), one));
        double b = luminance(Objects.requireNonNull(tokens.get("-" + other), other));
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    @ParameterizedTest
    @CsvSource({
        "ink, ground, 4.5",
        "ink, sheet, 4.5",
        "ink, chosen-wash, 4.5",
        "quiet, ground, 4.5",
        "quiet, sheet, 4.5",
        "quiet, chosen-wash, 4.5",
        "chosen, ground, 4.5",
        "chosen, sheet, 4.5",
        "chosen, chosen-wash, 4.5",
        "on-chosen, chosen, 4.5",
        "travelled, ground, 4.5",
        "travelled, sheet, 4.5",
        "trouble, ground, 4.5",
        "trouble, sheet, 4.5",
        "trouble, trouble-wash, 4.5",
        "on-trouble, trouble, 4.5",
        "note, ground, 4.5",
        "note, sheet, 4.5",
        "note, note-wash, 4.5",
        "live-ink, live, 4.5",
        "sheet, ink, 4.5",
        "quiet, band, 3",
        "chosen, band, 3",
        "line, band, 3",
        "line, ground, 3",
        "line, sheet, 3"
    })
    void whatIsReadStandsOut(String one, String other, double least) throws IOException {
        double day = contrast("day", one, other);
        double night = contrast("night", one, other);
        assertThat(day).as("%s on %s by day", one, other).isGreaterThanOrEqualTo(least);
        assertThat(night).as("%s on %s by night", one, other).isGreaterThanOrEqualTo(least);
        assertThat(Files.readString(DOCS))
                .contains(String.format(Locale.ROOT, "| %s on %s | %.1f | %.1f |", one, other, day, night));
    }
}
