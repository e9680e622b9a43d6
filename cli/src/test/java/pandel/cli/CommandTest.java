package pandel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;

/** A command run as from a shell, with its output and exit code. */
abstract class CommandTest {

    static final String SAMPLE = Path.of("..", "samples", "hollow-lane.pandel").toString();

    @TempDir
    Path folder;

    final StringWriter out = new StringWriter();
    final StringWriter err = new StringWriter();

    int run(Object... args) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        String[] texts = new String[args.length];
        for (int i = 0; i < args.length; i++) {
            texts[i] = args[i].toString();
        }
        return Main.run(new PlainWriter(out), new PlainWriter(err), texts);
    }

    JsonNode json() throws IOException {
        return new ObjectMapper().readTree(out.toString());
    }

    static void assertValid(String schema, JsonNode node) throws IOException {
        assertThat(JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                        .getSchema(Files.readString(Path.of("..", "docs", "schema", schema + ".schema.json")))
                        .validate(node))
                .isEmpty();
    }
}
