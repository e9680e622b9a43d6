package pandel.files.report;

import com.fasterxml.jackson.databind.SequenceWriter;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvSchema;
import java.io.IOException;
import java.io.StringWriter;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Unsettled;

/** A row for each finding, as RFC 4180 says. */
final class CsvReport {

    private static final String SEPARATED = "; ";

    private CsvReport() {}

    static String of(Checked checked) throws IOException {
        StringWriter text = new StringWriter();
        try (SequenceWriter rows = new CsvMapper()
                .writer(CsvSchema.emptySchema().withLineSeparator("\r\n"))
                .writeValues(text)) {
            rows.write(cells(
                    "state",
                    "weight",
                    "rule",
                    "called",
                    "sentence",
                    "screens",
                    "screen ids",
                    "hotspot",
                    "link",
                    "device",
                    "events",
                    "why it is meant"));
            for (Told told : Told.all(checked)) {
                Finding f = told.finding();
                rows.write(cells(
                        told.state(),
                        f.weight().word(),
                        f.rule().id(),
                        f.rule().title(),
                        f.sentence(),
                        String.join(SEPARATED, told.titles(checked.prototype())),
                        String.join(SEPARATED, f.screens()),
                        f.hotspot().orElse(""),
                        f.link().orElse(""),
                        f.walk().map(w -> w.device().title()).orElse(""),
                        f.walk().map(w -> String.valueOf(w.events().size())).orElse(""),
                        told.reason()));
            }
            for (Unsettled u : checked.unsettled()) {
                rows.write(cells(
                        "not settled",
                        "",
                        u.rule().id(),
                        u.rule().title(),
                        u.sentence(),
                        "",
                        u.subject(),
                        "",
                        "",
                        "",
                        "",
                        ""));
            }
        }
        return text.toString();
    }

    /** What begins like a formula is text to whoever opens the table. */
    private static List<String> cells(String... words) {
        return Stream.of(words)
                .map(Told::line)
                .map(w -> w.matches("[=+\\-@].*") ? "'" + w : w)
                .collect(Collectors.toList());
    }
}
