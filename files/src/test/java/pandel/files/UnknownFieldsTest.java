package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;
import pandel.files.json.VersionTexts;
import pandel.files.store.PrototypeFile;

/** What a newer Pandel wrote is written back, in whatever kind of object it stands. */
class UnknownFieldsTest {

    /** Objects whose fields are names that people gave. */
    private static final Set<String> BY_NAME =
            Set.of("areas", "moves", "values", "looks", "motions", "facts", "given", "typed", "offered");

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static Prototype read(String text) throws Exception {
        return PrototypeReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), VersionTexts.NONE);
    }

    private static void addEverywhere(JsonNode node, String name, Set<String> kinds) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(f -> addEverywhere(f.getValue(), f.getKey(), kinds));
            if (!BY_NAME.contains(name)
                    && !name.equals("rows")
                    && !name.startsWith("moved ")
                    && (!name.equals("chosen") || object.has("verb"))
                    // A floating button's corners stand under its looks.
                    && (!name.equals("at") || object.has("x"))) {
                kinds.add(name);
                object.putObject("fromLater").put("kind", name).put("exactly", 1);
            }
            return;
        }
        node.forEach(item -> addEverywhere(item, name, kinds));
    }

    private static JsonNode withUnknown(Prototype prototype, Set<String> kinds) throws Exception {
        JsonNode tree = MAPPER.readTree(PrototypeWriter.text(prototype));
        for (JsonNode screen : tree.path("screens")) {
            for (JsonNode state : screen.path("states")) {
                // The areas of a moved hotspot stand under the hotspot's id.
                state.path("moves").properties().forEach(f -> kinds.remove(f.getKey()));
            }
        }
        addEverywhere(tree, "prototype", kinds);
        for (JsonNode screen : tree.path("screens")) {
            for (JsonNode state : screen.path("states")) {
                state.path("moves").forEach(areas -> ((ObjectNode) areas).remove("fromLater"));
            }
        }
        return tree;
    }

    @Test
    void inEveryKindOfObjectOfTheSampleTheyAreKept() throws Exception {
        Set<String> kinds = new TreeSet<>();
        JsonNode tree = withUnknown(
                PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"))
                        .prototype(),
                kinds);
        Prototype read = read(tree.toString());
        assertThat(MAPPER.readTree(PrototypeWriter.text(read))).isEqualTo(tree);
        assertThat(MAPPER.readTree(PrototypeWriter.text(read.withTitle("Another"))))
                .isEqualTo(((ObjectNode) tree).put("title", "Another"));
        assertThat(kinds)
                .contains(
                        "cause", "effects", "when", "expects", "patches", "tabs", "strip", "panel", "items", "legs",
                        "overlay");
    }

    @Test
    void inTheActionOfANoticeTheyAreKept() throws Exception {
        Prototype read = read("""
                {"format": "pandel/1", "title": "T", "screens": [{"id": "s", "title": "S",
                 "links": [{"id": "l", "cause": {"wait": 5}, "branches": [{"effects": [
                    {"verb": "notice", "words": "Hello", "action": {"label": "Undo", "shape": "round",
                     "link": {"id": "u", "colour": "red", "branches": [{"glow": 2, "effects": [
                       {"verb": "return", "speed": 3}]}]}}}]}]}]}]}
                """);
        assertThat(read.index().way("u").orElseThrow().notice()).isPresent();
        assertThat(PrototypeWriter.text(read))
                .contains("\"shape\" : \"round\"", "\"colour\" : \"red\"", "\"glow\" : 2", "\"speed\" : 3");
    }

    @Property(tries = 30)
    void inMadeUpPrototypesTheyAreKept(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 25) int size, @ForAll Kind kind) throws Exception {
        JsonNode tree = withUnknown(Generated.of(size, seed, kind, 3), new TreeSet<>());
        assertThat(MAPPER.readTree(PrototypeWriter.text(read(tree.toString())))).isEqualTo(tree);
    }

    @Test
    void theyFollowTheirPartWhenOthersComeAndGo() throws Exception {
        Prototype read = read("""
                {"format": "pandel/1", "title": "T", "screens": [{"id": "s", "title": "S", "overlay": {"glow": 1},
                 "links": [{"id": "l",
                  "cause": {"wait": 5, "until": "dusk"}, "branches": [{"effects": [
                    {"verb": "remember", "fact": "f", "unset": true},
                    {"verb": "notice", "words": "Hello", "ms": 4000, "tone": "soft"}]}]}]}]}
                """);
        String before = PrototypeWriter.text(read);
        assertThat(before).contains("\"glow\" : 1", "\"until\" : \"dusk\"", "\"tone\" : \"soft\"");
        Prototype shorter = read.withScreen(
                "s",
                s -> s.withLinks(s.links().stream()
                        .map(l -> l.withBranches(l.branches().stream()
                                .map(b -> b.withEffects(List.of(b.effects().getLast())))
                                .toList()))
                        .toList()));
        JsonNode effects = MAPPER.readTree(PrototypeWriter.text(shorter)).at("/screens/0/links/0/branches/0/effects");
        assertThat(effects).hasSize(1);
        assertThat(effects.get(0).path("tone").asText()).isEqualTo("soft");
        assertThat(PrototypeWriter.text(read.withScreens(List.of()))).doesNotContain("dusk");
    }

    @Test
    void numbersKeepEveryDigit() throws Exception {
        String text = PrototypeWriter.text(read("{\"format\": \"pandel/1\", \"title\": \"\", \"later\": "
                + "[0.1234567890123456789012345678901234567890, 1e400, "
                + "1234567890123456789012345678901234567890, 1.50]}"));
        assertThat(text)
                .contains(
                        "0.1234567890123456789012345678901234567890",
                        "1E+400",
                        "1234567890123456789012345678901234567890",
                        "1.50");
        assertThat(PrototypeWriter.text(read(text))).isEqualTo(text);
    }
}
