package pandel.files.report;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.model.Judgements;
import pandel.core.model.Prototype;

/**
 * A finding and what people decided about it.
 *
 * @param state {@code found}, {@code meant} or {@code quiet}
 * @param reason why it is meant; empty where none was given
 */
public record Told(Finding finding, String state, String reason) {

    /** What no XML 1.0 document may hold, and no page needs. */
    private static final Pattern UNTELLABLE = Pattern.compile(
            "[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\x7F\\uFFFE\\uFFFF]|[\\uD800-\\uDBFF](?![\\uDC00-\\uDFFF])"
                    + "|(?<![\\uD800-\\uDBFF])[\\uDC00-\\uDFFF]");

    /** All: those found first, in their order, then those that are meant, then those of quiet rules. */
    static List<Told> all(Checked checked) {
        return Stream.of(
                        checked.findings().stream().map(f -> new Told(f, "found", "")),
                        checked.accepted().stream().map(f -> new Told(f, "meant", reason(checked.prototype(), f))),
                        checked.quiet().stream().map(f -> new Told(f, "quiet", "")))
                .flatMap(s -> s)
                .toList();
    }

    private static String reason(Prototype prototype, Finding finding) {
        return prototype.judgements().accepted().stream()
                .filter(a -> a.ground().equals(finding.ground()))
                .map(Judgements.Accepted::reason)
                .findFirst()
                .orElse("");
    }

    /** The titles of its screens. */
    List<String> titles(Prototype prototype) {
        return finding.screens().stream().map(prototype::titleOf).toList();
    }

    /** Words as any format can hold them: without control characters and halves of letters. */
    public static String plain(String words) {
        return UNTELLABLE.matcher(words).replaceAll("\uFFFD");
    }

    /** The same on one line. */
    public static String line(String words) {
        return plain(words).replaceAll("[\\s\\u2028\\u2029\\u0085]+", " ").strip();
    }

    /** How many of the screens are shown and how much was found, in one sentence. */
    static String summary(Checked checked) {
        int found = checked.findings().size();
        return checked.shown().size() + " of " + checked.prototype().screens().size() + " screens are shown, "
                + checked.prototype().index().ways().size() + " links, "
                + (found == 1 ? "one finding" : found + " findings")
                + (checked.unsettled().isEmpty()
                        ? "."
                        : ", " + checked.unsettled().size() + " not settled.");
    }
}
