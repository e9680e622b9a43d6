package pandel.files.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectWriter;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;

/** The one way JSON is parsed and printed: bounded in nesting, printed so that a diff reads well. */
public final class Json {

    private static final int NESTING = 60;
    private static final int LONGEST_TEXT = 1_000_000;

    static final ObjectMapper MAPPER = new JsonMapper(JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder()
                    .maxNestingDepth(NESTING).maxStringLength(LONGEST_TEXT).maxNumberLength(30).build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build());

    private Json() {
    }

    private static ObjectWriter printer() {
        DefaultIndenter indenter = new DefaultIndenter("  ", "\n");
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter();
        printer.indentObjectsWith(indenter);
        printer.indentArraysWith(indenter);
        return MAPPER.writer(printer);
    }

    /** Any JSON, bounded. */
    public static JsonNode tree(String text) throws IOException {
        return MAPPER.readTree(text);
    }

    /** UTF-8 text of many lines, ending with a line break. */
    public static String text(JsonNode node) {
        try {
            return printer().writeValueAsString(node) + "\n";
        } catch (com.fasterxml.jackson.core.JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Text of one line. */
    public static String line(JsonNode node) {
        return node.toString();
    }
}
