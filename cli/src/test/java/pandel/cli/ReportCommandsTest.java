package pandel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.cli.result.ExitCode;
import pandel.core.check.finding.Rule;

/** What the checks and the journeys say, in the formats of others. */
class ReportCommandsTest extends CommandTest {

    @ParameterizedTest
    @CsvSource({
        "sarif, '\"ruleId\" : \"dead-end\"'",
        "junit, '<testcase classname=\"checks\" name=\"dead-end\"><failure'",
        "markdown, '- **Dead end**: “Receipt” is a dead end'",
        "csv, 'found,problem,dead-end,'",
        "html, '<h3>“Receipt” is a dead end: it has no links.</h3>'"
    })
    void checkReportsInTheFormatsOfOthers(String format, String contained) {
        assertThat(run("check", SAMPLE, "--format", format)).isEqualTo(ExitCode.FINDINGS);
        assertThat(out.toString()).contains(contained);
        assertThat(run("check", SAMPLE, "--format", format, "--fail-on", "never"))
                .isEqualTo(ExitCode.FINE);
    }

    @Test
    void theSchemaOfChecksNamesEachRule() throws IOException {
        JsonNode schema = new ObjectMapper()
                .readTree(Path.of("..", "docs", "schema", "check.schema.json").toFile());
        assertThat(schema.at("/properties/findings/items/properties/rule/enum")
                        .valueStream()
                        .map(JsonNode::asText))
                .containsExactlyElementsOf(
                        Stream.of(Rule.values()).map(Rule::id).toList());
    }

    @Test
    void coverReportsAsJsonATableAndAPage() throws IOException {
        assertThat(run("cover", SAMPLE, "--format", "json")).isEqualTo(ExitCode.FINE);
        assertValid("cover", json());
        int missing = json().path("missingLinks").size();
        assertThat(json().at("/links/all").asInt()
                        - json().at("/links/travelled").asInt())
                .isEqualTo(missing)
                .isPositive();
        assertThat(json().path("journeys"))
                .isNotEmpty()
                .allMatch(j -> j.path("works").asBoolean());
        int screens = json().path("missingScreens").size();
        assertThat(run("cover", SAMPLE, "--format", "csv")).isEqualTo(ExitCode.FINE);
        assertThat(out.toString().lines().filter(l -> l.startsWith("\"link not travelled\"")))
                .hasSize(missing);
        assertThat(run("cover", SAMPLE, "--format", "html")).isEqualTo(ExitCode.FINE);
        assertThat(out.toString()).contains("<h2>Screens not travelled</h2>", "default-src 'none'");
        assertThat(out.toString().split("role=\"img\"", -1)).hasSize(screens + 1);
        assertThat(run("cover", SAMPLE, "--format", "csv", "--pairs")).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString()).startsWith("pandel: Pairs and suggestions are told as text alone");
    }
}
