package pandel.files.report;

import com.fasterxml.jackson.databind.SequenceWriter;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvSchema;
import java.io.IOException;
import java.io.StringWriter;
import java.util.stream.Stream;

/** Rows of words as RFC 4180 says; what begins like a formula is text to whoever opens them. */
public final class Table {

    private final StringWriter text = new StringWriter();
    private final SequenceWriter rows;

    public Table(String... heads) throws IOException {
        rows = new CsvMapper()
                .writer(CsvSchema.emptySchema().withLineSeparator("\r\n"))
                .writeValues(text);
        row(heads);
    }

    public void row(String... words) throws IOException {
        rows.write(Stream.of(words)
                .map(Told::line)
                .map(w -> w.matches("[=+\\-@].*") ? "'" + w : w)
                .toList());
    }

    /** All rows; none can be added any more. */
    public String text() throws IOException {
        rows.close();
        return text.toString();
    }
}
