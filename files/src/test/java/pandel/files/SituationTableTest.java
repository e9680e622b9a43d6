package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.check.finding.Rule;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Value;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Visit;
import pandel.files.json.PlayJson;
import pandel.files.json.PrototypeReader;

/** The table of situations in the docs, each row run by {@code step} and looked up in the checks. */
class SituationTableTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final Map<String, Checked> CHECKED = new HashMap<>();

    static Stream<Arguments> rows() throws IOException {
        JsonNode table = JSON.readTree(Path.of("..", "docs", "situations.json").toFile());
        List<Arguments> rows = new ArrayList<>();
        table.get("rows")
                .forEach(row -> rows.add(Arguments.of(
                        row.get("says").textValue(),
                        table.get("prototypes").get(row.get("in").textValue()),
                        row)));
        return rows.stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rows")
    void playAndTheChecksAgree(String says, JsonNode made, JsonNode row) throws Exception {
        Prototype prototype = PrototypeReader.read(new ByteArrayInputStream(JSON.writeValueAsBytes(made)), id -> {
            throw new IllegalStateException("The table has no versions.");
        });
        String from = row.get("from").textValue();
        String named = row.has("device") ? row.get("device").textValue() : "phone";
        Device device = prototype.devices().stream()
                .filter(d -> d.id().equals(named))
                .findFirst()
                .orElse(Device.PHONE);
        List<Event> events = PlayJson.events(new ByteArrayInputStream(JSON.writeValueAsBytes(row.get("events"))));
        Step step = new Step(prototype);
        Situation now = Situation.at(prototype, Entry.at("start", from), device).orElseThrow();
        Stepped last = null;
        List<String> shown = new ArrayList<>(List.of(from));
        for (Event event : events) {
            last = step.step(now, event);
            now = last.situation();
            shown.add(now.screen());
        }
        assertThat(trails(now)).isEqualTo(row.get("trails").textValue());
        assertThat(Objects.requireNonNull(last)
                        .happening()
                        .getClass()
                        .getSimpleName()
                        .toLowerCase(Locale.ROOT))
                .isEqualTo(row.get("happened").textValue());
        if (row.has("facts")) {
            assertThat(told(now.facts().set())).isEqualTo(told(row.get("facts")));
        }
        if (row.has("given")) {
            assertThat(told(now.known().held().given())).isEqualTo(told(row.get("given")));
        }
        if (row.has("typed")) {
            assertThat(told(now.known().held().typed())).isEqualTo(told(row.get("typed")));
        }
        if (row.has("drawer")) {
            assertThat(now.drawer().orElse("")).isEqualTo(row.get("drawer").textValue());
        }
        if (row.has("notice")) {
            assertThat(now.notice().map(Situation.Notice::words).orElse(""))
                    .isEqualTo(row.get("notice").textValue());
        }
        checksKnow(
                row.get("in").textValue(),
                prototype,
                from,
                device,
                shown,
                last,
                !row.path("settled").isBoolean());
    }

    /**
     * What play shows the checks say is shown, by no more events than there are; and what did something there fires.
     */
    private static void checksKnow(
            String name,
            Prototype prototype,
            String from,
            Device device,
            List<String> shown,
            Stepped last,
            boolean settled) {
        Checked checked = CHECKED.computeIfAbsent(
                name + from + device.id(),
                key -> Check.of(
                        prototype.withEntries(List.of(Entry.at("start", from))).withDevices(List.of(device))));
        for (int i = 0; i < shown.size(); i++) {
            assertThat(checked.stepsTo(shown.get(i))).as(shown.get(i)).isPresent();
            assertThat(checked.stepsTo(shown.get(i)).getAsInt()).isLessThanOrEqualTo(i);
        }
        if (last.happening().isDone()) {
            last.happening()
                    .link()
                    .ifPresent(link -> assertThat(
                                    settled
                                            ? checked.fires(link)
                                            : checked.findings(Rule.LINK_NEVER_FIRES).stream()
                                                    .noneMatch(f -> f.link().equals(Optional.of(link))))
                            .as(link)
                            .isTrue());
        }
    }

    private static Map<String, String> told(Map<String, Value> values) {
        Map<String, String> told = new TreeMap<>();
        values.forEach((name, value) -> told.put(name, value.shown()));
        return told;
    }

    private static Map<String, String> told(JsonNode values) {
        Map<String, String> told = new TreeMap<>();
        values.fieldNames()
                .forEachRemaining(name -> told.put(
                        name,
                        values.get(name).isBoolean()
                                ? values.get(name).booleanValue() ? "yes" : "no"
                                : values.get(name).asText()));
        return told;
    }

    private static String trails(Situation now) {
        return now.levels().stream()
                .map(level -> level.trail().places().stream().map(Visit::screen).collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" / "));
    }
}
