package pandel.files.report;

import java.io.IOException;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Unsettled;

/** A row for each finding and for each question that is not settled. */
final class CsvReport {

    private static final String SEPARATED = "; ";

    private CsvReport() {}

    static String of(Checked checked) throws IOException {
        Table table = new Table(
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
                "why it is meant");
        for (Told told : Told.all(checked)) {
            Finding f = told.finding();
            table.row(
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
                    told.reason());
        }
        for (Unsettled u : checked.unsettled()) {
            table.row(
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
                    "");
        }
        return table.text();
    }
}
