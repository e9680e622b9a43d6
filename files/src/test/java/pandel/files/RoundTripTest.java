package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.check.Check;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Widths;
import pandel.core.model.screen.Picture;
import pandel.files.json.CheckJson;
import pandel.files.json.PlayJson;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;
import pandel.files.json.field.Json;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** Save then open gives an equal prototype, and what is written is as the schemas say. */
class RoundTripTest {

    private static final Path SAMPLE = Path.of("..", "samples", "hollow-lane.pandel");

    @TempDir
    private Path folder;

    @Property(tries = 60)
    void writtenAndReadItIsTheSame(@ForAll long seed, @ForAll @IntRange(min = 1, max = 40) int size, @ForAll Kind kind)
            throws Exception {
        Prototype prototype = Generated.of(size, seed, kind, (int) (seed & 3))
                .withWidths((seed & 4) == 0 ? Widths.USUAL : new Widths(700 + size, 1200));
        String text = PrototypeWriter.text(prototype);
        assertThat(read(text)).isEqualTo(prototype);
        assertThat(schema("prototype").validate(new ObjectMapper().readTree(text)))
                .isEmpty();
    }

    private static Prototype read(String text) throws Unreadable, IOException {
        return PrototypeReader.read(
                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), pandel.files.json.VersionTexts.NONE);
    }

    private static JsonSchema schema(String name) throws IOException {
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("..", "docs", "schema", name + ".schema.json")));
    }

    @Test
    void theSampleIsSavedAndOpenedAsFileAndFolderWithItsPictures() throws Exception {
        PrototypeFile.Opened sample = PrototypeFile.open(SAMPLE);
        assertThat(sample.missing()).isEmpty();
        try (PictureShelf shelf = new PictureShelf()) {
            shelf.add(sample.pictures());
            Path file = folder.resolve("a.pandel");
            PrototypeSaving.toFile(sample.prototype(), file, shelf);
            PrototypeFile.Opened again = PrototypeFile.open(file);
            assertThat(again.prototype()).isEqualTo(sample.prototype());
            assertThat(again.missing()).isEmpty();
            Path second = folder.resolve("b.pandel");
            PrototypeSaving.toFile(again.prototype(), second, shelf);
            assertThat(second).hasSameBinaryContentAs(file);
            Path plain = folder.resolve("plain");
            PrototypeSaving.toFolder(sample.prototype(), plain, shelf);
            assertThat(PrototypeFile.open(plain).prototype()).isEqualTo(sample.prototype());
            assertThat(PrototypeFile.open(plain).missing()).isEmpty();
            assertThat(folder).isDirectoryNotContaining(p -> p.toString().endsWith(".saving"));
        }
    }

    @Test
    void aPictureThatASaveDropsIsStillOnTheShelfForUndo() throws Exception {
        PrototypeFile.Opened sample = PrototypeFile.open(SAMPLE);
        Path file = Files.copy(SAMPLE, folder.resolve("c.pandel"));
        try (PictureShelf shelf = new PictureShelf()) {
            shelf.add(PrototypeFile.open(file).pictures());
            PrototypeSaving.toFile(sample.prototype().withScreens(List.of()), file, shelf);
            String content =
                    ((Picture) sample.prototype().screens().getFirst().mocks().getFirst()).content();
            assertThat(shelf.read(content)).isPresent();
            PrototypeSaving.toFile(sample.prototype(), file, shelf);
            assertThat(PrototypeFile.open(file).missing()).isEmpty();
        }
    }

    @Test
    void unknownFieldsAreKept() throws Exception {
        String text = """
                {"format": "pandel/1", "title": "T", "mood": {"a": [1, "x", null]},
                 "screens": [{"id": "s", "title": "S", "form": "page", "status": "draft", "colour": "red",
                   "hotspots": [{"id": "h", "title": "", "areas": {"narrow": [1, 2, 3, 4]}, "glow": true,
                     "links": [{"id": "l", "cause": {"gesture": "tap"},
                       "branches": [{"effects": [{"verb": "return"}], "weight": 3}], "note": "n"}]}]}]}
                """;
        String written = PrototypeWriter.text(read(text));
        assertThat(written)
                .contains("\"mood\"", "\"colour\" : \"red\"", "\"glow\" : true", "\"weight\" : 3", "\"note\" : \"n\"");
        assertThat(read(written)).isEqualTo(read(text));
    }

    @Test
    void reportsAreAsTheirSchemasSay() throws Exception {
        Prototype nasty = Generated.of(30, 5, Kind.NASTY);
        assertThat(schema("check").validate(new ObjectMapper().readTree(Json.text(CheckJson.checked(Check.of(nasty))))))
                .isEmpty();
        var walk = Check.of(nasty).findings().stream()
                .flatMap(f -> f.walk().stream())
                .findFirst()
                .orElseThrow();
        String events = Json.text(PlayJson.list(walk.events()));
        assertThat(PlayJson.events(new ByteArrayInputStream(events.getBytes(StandardCharsets.UTF_8))))
                .isEqualTo(walk.events());
        assertThat(schema("events").validate(new ObjectMapper().readTree(events)))
                .isEmpty();
    }
}
