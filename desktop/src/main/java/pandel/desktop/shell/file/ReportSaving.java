package pandel.desktop.shell.file;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import pandel.core.check.Checked;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.report.Report;
import pandel.files.store.Beside;

/** Saves what the checks say, for somebody else. */
final class ReportSaving {

    private final Work work;
    private final Background background;
    private final FileChoosing choosing;
    private final Telling telling;

    ReportSaving(Work work, Background background, FileChoosing choosing, Telling telling) {
        this.work = work;
        this.background = background;
        this.choosing = choosing;
        this.telling = telling;
    }

    void save(Report as, String name) {
        Optional<Checked> checked = work.checked().filter(c -> c.prototype() == work.prototype());
        if (checked.isEmpty()) {
            telling.say("The checks are still at work; the report can be saved as soon as they are through.");
            return;
        }
        choosing.report(name + " checks." + as.ending()).ifPresent(chosen -> {
            boolean named = String.valueOf(chosen.getFileName()).contains(".");
            Path file = named ? chosen : chosen.resolveSibling(chosen.getFileName() + "." + as.ending());
            Document document = work.document();
            background.run(document, Optional.of("saving the report"), "save the report", () -> {
                String report = as.of(checked.get(), name + ".pandel", document.shelf());
                Beside.write(file, report.getBytes(StandardCharsets.UTF_8));
                return () -> telling.say("The report is in “" + file.getFileName() + "”.");
            });
        });
    }
}
