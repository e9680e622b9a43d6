package pandel.files.gather;

import java.util.Comparator;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a picture's file name says: {@code 03_tool-detail@2x.png} is "Tool detail" at scale 2. */
public record FileTitle(String title, double scale) {

    private static final Pattern SCALE = Pattern.compile("@(\\d{1,2}(?:\\.\\d{1,3})?)[xX]$");
    private static final Pattern NUMBERS = Pattern.compile("\\d+");

    /** The words of a file name; the scale is 0 where it says none. */
    public static FileTitle of(String fileName) {
        String stem = fileName.replaceAll("\\.[A-Za-z]{3,4}$", "");
        Matcher scaled = SCALE.matcher(stem);
        double scale = 0;
        if (scaled.find()) {
            scale = Double.parseDouble(scaled.group(1));
            // Nobody draws a picture pixel for every twenty px, nor twenty for one.
            scale = scale < 0.1 || scale > 20 ? 0 : scale;
            stem = stem.substring(0, scaled.start());
        }
        String words = stem.replaceFirst("^\\d+[\\s._-]+(?=\\S)", "")
                .replaceAll("[\\s._-]+", " ")
                .strip();
        String title = !words.isEmpty() ? words : stem.isBlank() ? "Untitled" : stem;
        return new FileTitle(title.substring(0, 1).toUpperCase(Locale.ROOT) + title.substring(1), scale);
    }

    /** Picture pixels for each px where the file name does not say: what makes it as wide as a phone. */
    static double guessScale(int pixelWidth, int pixelHeight) {
        if (pixelHeight > pixelWidth && pixelWidth > 480) {
            for (double scale : new double[] {2, 3, 4, 1.5}) {
                double width = pixelWidth / scale;
                if (width >= 320 && width <= 440) {
                    return scale;
                }
            }
        }
        return 1;
    }

    /** The order people expect: 2 before 10, without regard to case. */
    public static Comparator<String> naturalOrder() {
        return Comparator.comparing(FileTitle::padded).thenComparing(Comparator.naturalOrder());
    }

    private static String padded(String name) {
        return NUMBERS.matcher(name.toLowerCase(Locale.ROOT))
                .replaceAll(m -> "0".repeat(Math.max(0, 20 - m.group().length())) + m.group());
    }
}
