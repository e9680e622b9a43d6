package pandel.files.json.field;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectWriter;
import com.fasterxml.jackson.databind.cfg.JsonNodeFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;

/** The one way JSON is parsed and printed: bounded in nesting, printed so that a diff reads well. */
public final class Json {

    private static final int NESTING = 60;
    /** Letters of one text; a file is bounded as a whole, so this is no smaller. */
    private static final int LONGEST_TEXT = 400_000_000;

    private static final int LONGEST_NUMBER = 1_000;

    public static final ObjectMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(NESTING)
                            .maxStringLength(LONGEST_TEXT)
                            .maxNumberLength(LONGEST_NUMBER)
                            .build())
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            // An unknown field is written back digit by digit, and text after the object is no part of any prototype.
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS, DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .nodeFactory(NotedObject.FACTORY)
            .build();

    private Json() {}

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
            return escaped(printer().writeValueAsString(node)) + "\n";
        } catch (com.fasterxml.jackson.core.JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * Half of a pair of surrogates has no UTF-8: written as it stands it would be read back as a question mark.
     * Controls, and marks that turn the direction of what follows, would command whatever shows the text.
     */
    private static String escaped(String json) {
        StringBuilder escaped = null;
        for (int i = 0; i < json.length(); i++) {
            char c = json.charAt(i);
            boolean pair = Character.isHighSurrogate(c)
                    && i + 1 < json.length()
                    && Character.isLowSurrogate(json.charAt(i + 1));
            boolean escapes = !pair && Character.isSurrogate(c)
                    || c >= 0x7f && c <= 0x9f
                    || c == '\u2028'
                    || c == '\u2029'
                    || c >= '\u202a' && c <= '\u202e'
                    || c >= '\u2066' && c <= '\u2069';
            if (escapes && escaped == null) {
                escaped = new StringBuilder(json.length() + 16).append(json, 0, i);
            }
            if (escaped != null) {
                escaped.append(escapes ? String.format("\\u%04x", (int) c) : String.valueOf(c));
            }
            if (pair) {
                i++;
                if (escaped != null) {
                    escaped.append(json.charAt(i));
                }
            }
        }
        return escaped == null ? json : escaped.toString();
    }

    /** Text of one line. */
    public static String line(JsonNode node) {
        return escaped(node.toString());
    }
}
