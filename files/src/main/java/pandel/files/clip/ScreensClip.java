package pandel.files.clip;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;
import pandel.files.json.field.Json;
import pandel.files.store.PictureSource;

/**
 * Screens on the clipboard: the format of the file with those screens alone and all facts, and the pictures beside it.
 *
 * @param document which document they were taken from
 * @param screens what was taken, as a prototype
 * @param pictures bytes by their content names
 */
public record ScreensClip(String document, Prototype screens, Map<String, byte[]> pictures) {

    /** The type of the text on the clipboard. */
    public static final String TYPE = "application/vnd.pandel.screens+json";

    private static final String PICTURES = "pictures";
    private static final String DOCUMENT = "document";

    /** Of some screens of a prototype. */
    public static ScreensClip of(String document, Prototype prototype, List<Screen> screens, PictureSource source)
            throws IOException {
        Map<String, byte[]> pictures = new TreeMap<>();
        for (Screen screen : screens) {
            for (Picture picture : screen.allMocks()
                    .filter(Picture.class::isInstance)
                    .map(Picture.class::cast)
                    .toList()) {
                Optional<byte[]> bytes = source.read(picture.content());
                bytes.ifPresent(b -> pictures.put(picture.content(), b));
            }
        }
        return new ScreensClip(
                document,
                Prototype.empty(prototype.title()).withScreens(screens).withFacts(prototype.facts()),
                pictures);
    }

    /** As it stands on the clipboard. */
    public String text() throws JsonProcessingException {
        ObjectNode node = (ObjectNode) Json.MAPPER.readTree(PrototypeWriter.text(screens));
        node.put(DOCUMENT, document);
        ObjectNode all = node.putObject(PICTURES);
        pictures.forEach((name, bytes) -> all.put(name, Base64.getEncoder().encodeToString(bytes)));
        return node.toString();
    }

    /** What is on the clipboard. */
    public static ScreensClip read(String text) throws Unreadable, IOException {
        JsonNode node;
        try {
            node = Json.MAPPER.readTree(text);
        } catch (JsonProcessingException e) {
            throw new Unreadable("The screens on the clipboard cannot be read; copy them again.");
        }
        Map<String, byte[]> pictures = new TreeMap<>();
        try {
            node.path(PICTURES)
                    .properties()
                    .forEach(p -> pictures.put(
                            p.getKey(), Base64.getDecoder().decode(p.getValue().asText())));
        } catch (IllegalArgumentException e) {
            throw new Unreadable("The screens on the clipboard cannot be read; copy them again.");
        }
        String document = node.path(DOCUMENT).asText();
        if (node instanceof ObjectNode object) {
            object.remove(List.of(PICTURES, DOCUMENT));
        }
        Prototype read =
                PrototypeReader.read(new ByteArrayInputStream(node.toString().getBytes(StandardCharsets.UTF_8)), id -> {
                    throw new IllegalStateException("Screens on the clipboard have no versions");
                });
        return new ScreensClip(document, read, pictures);
    }
}
