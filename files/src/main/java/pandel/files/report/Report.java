package pandel.files.report;

import java.io.IOException;
import java.util.Locale;
import pandel.core.check.Checked;
import pandel.files.json.CheckJson;
import pandel.files.json.field.Json;
import pandel.files.store.PictureSource;

/** A format in which the checks are told to somebody else. */
public enum Report {
    HTML("html", "A page to read, with pictures"),
    MARKDOWN("md", "Markdown, for a ticket or a wiki"),
    CSV("csv", "A table, for a spreadsheet"),
    SARIF("sarif", "SARIF 2.1.0, for code review"),
    JUNIT("xml", "JUnit XML, for a build server"),
    JSON("json", "JSON, for programs");

    private final String ending;
    private final String words;

    Report(String ending, String words) {
        this.ending = ending;
        this.words = words;
    }

    /** The ending of its files. */
    public String ending() {
        return ending;
    }

    /** What it is and for whom, in a few words. */
    public String words() {
        return words;
    }

    /** Its word on the command line. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The report as text, in UTF-8 where it is written.
     *
     * @param file name of the file that was checked
     * @param pictures of the prototype; the page alone shows them
     * @throws IOException when a picture cannot be read
     */
    public String of(Checked checked, String file, PictureSource pictures) throws IOException {
        return switch (this) {
            case HTML -> HtmlReport.of(checked, pictures);
            case MARKDOWN -> MarkdownReport.of(checked);
            case CSV -> CsvReport.of(checked);
            case SARIF -> Json.text(SarifReport.of(checked, file));
            case JUNIT -> JunitReport.of(checked);
            case JSON -> Json.text(CheckJson.checked(checked));
        };
    }
}
