package pandel.files.report;

import java.util.List;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.cover.JourneySteps;

/** Findings by weight, each with its steps, as CommonMark. */
public final class MarkdownReport {

    private MarkdownReport() {}

    static String of(Checked checked) {
        StringBuilder text = new StringBuilder();
        text.append("# ").append(words(checked.prototype().title())).append("\n\n");
        text.append(Told.summary(checked)).append('\n');
        List<Told> all = Told.all(checked);
        for (Weight weight : Weight.values()) {
            section(
                    checked,
                    text,
                    switch (weight) {
                        case PROBLEM -> "Problems";
                        case WARNING -> "Warnings";
                        case NOTE -> "Notes";
                    },
                    all.stream()
                            .filter(t ->
                                    t.state().equals("found") && t.finding().weight() == weight)
                            .toList());
        }
        section(
                checked,
                text,
                "Meant",
                all.stream().filter(t -> t.state().equals("meant")).toList());
        section(
                checked,
                text,
                "Not reported",
                all.stream().filter(t -> t.state().equals("quiet")).toList());
        if (!checked.unsettled().isEmpty()) {
            text.append("\n## Not settled\n\n");
            for (Unsettled u : checked.unsettled()) {
                text.append("- ").append(words(u.sentence())).append('\n');
            }
        }
        return text.toString();
    }

    private static void section(Checked checked, StringBuilder text, String head, List<Told> all) {
        if (all.isEmpty()) {
            return;
        }
        text.append("\n## ").append(head).append("\n\n");
        for (Told told : all) {
            Finding f = told.finding();
            text.append("- **").append(words(f.rule().title())).append("**: ").append(words(f.sentence()));
            if (!told.reason().isBlank()) {
                text.append(" Meant: ").append(words(told.reason()));
            }
            text.append('\n');
            f.walk().ifPresent(walk -> {
                int i = 1;
                for (String step : JourneySteps.of(checked.prototype(), walk)) {
                    text.append("  ")
                            .append(i++)
                            .append(". ")
                            .append(words(step))
                            .append('\n');
                }
            });
        }
    }

    /** Words that are nothing but words: each sign that could mean something is escaped. */
    public static String words(String words) {
        return Told.line(words).replaceAll("([\\\\`*_{}\\[\\]<>()#+\\-.!|~&$@=:])", "\\\\$1");
    }
}
