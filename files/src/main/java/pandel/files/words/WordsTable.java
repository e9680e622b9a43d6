package pandel.files.words;

import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvParser;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pandel.files.Unreadable;
import pandel.files.report.Table;

/** Words as rows (RFC 4180): where they stand, what they are, and room for other ones. */
public final class WordsTable {

    private static final List<String> HEADS = List.of("key", "where", "words", "other words");

    private WordsTable() {}

    /** The rows; the last column is empty. */
    public static String of(List<Wording> all) throws IOException {
        Table table = new Table(HEADS.toArray(String[]::new));
        for (Wording each : all) {
            table.row(each.key(), each.where(), each.words(), "");
        }
        return table.text();
    }

    /** The other words of each row, by key; rows without any are left out. */
    public static Map<String, String> read(String csv) throws Unreadable {
        Map<String, String> words = new LinkedHashMap<>();
        try (MappingIterator<String[]> rows = new CsvMapper()
                .readerFor(String[].class)
                .with(CsvParser.Feature.WRAP_AS_ARRAY)
                .readValues(csv.startsWith("\uFEFF") ? csv.substring(1) : csv)) {
            List<String> heads = rows.hasNext() ? List.of(rows.next()) : List.of();
            int key = heads.indexOf("key");
            int other = heads.indexOf("other words");
            if (key < 0 || other < 0) {
                throw new Unreadable("The table has no columns “key” and “other words”; write the words out again, "
                        + "and keep its first row.");
            }
            while (rows.hasNext()) {
                String[] row = rows.next();
                if (row.length > Math.max(key, other) && !row[other].isBlank()) {
                    words.put(plain(row[key]), plain(row[other]));
                }
            }
            return words;
        } catch (IOException | RuntimeException e) {
            throw new Unreadable("The table cannot be read: it is no CSV as RFC 4180 says; save it as that.", e);
        }
    }

    /** Without the mark by which what begins like a formula was made text. */
    private static String plain(String cell) {
        return cell.matches("(?s)'[=+\\-@].*") ? cell.substring(1) : cell;
    }
}
