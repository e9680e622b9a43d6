package pandel.files.settings;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import pandel.files.json.field.Json;
import pandel.files.settings.Preferences.LookWish;

/** Keeps preferences in a small JSON file. One that is not there or is damaged stands for the usual ones. */
public record PreferencesFile(Path path) {

    /** Where this machine keeps what a person prefers: {@code XDG_CONFIG_HOME}, else {@code ~/.config}. */
    public static PreferencesFile ofUser() {
        String config = System.getenv("XDG_CONFIG_HOME");
        Path base = config != null && !config.isBlank()
                ? Path.of(config)
                : Path.of(System.getProperty("user.home"), ".config");
        return new PreferencesFile(base.resolve("pandel").resolve("preferences.json"));
    }

    public Preferences read() {
        try {
            if (!Files.isRegularFile(path)) {
                return Preferences.USUAL;
            }
            JsonNode node = Json.tree(Files.readString(path));
            LookWish look = Stream.of(LookWish.values())
                    .filter(w -> w.word().equals(node.path("look").asText()))
                    .findFirst()
                    .orElse(LookWish.SYSTEM);
            List<Path> recent = new ArrayList<>();
            for (JsonNode file : node.path("recent")) {
                recent.add(Path.of(file.asText()));
            }
            JsonNode dots = node.path("dotsAMillimetre");
            return new Preferences(
                    look,
                    node.path("wordsAMinute").asInt(Preferences.USUAL.wordsAMinute()),
                    dots.isNumber() ? OptionalDouble.of(dots.asDouble()) : OptionalDouble.empty(),
                    recent,
                    window(node.path("window")),
                    node.path("cards").asText(""),
                    node.path("led").asBoolean(),
                    node.path("name").asText(""),
                    node.path("handed").asText(""),
                    node.path("text").asInt());
        } catch (IOException | InvalidPathException e) {
            return Preferences.USUAL;
        }
    }

    private static Optional<WindowPlace> window(JsonNode node) {
        return node.isObject()
                ? Optional.of(new WindowPlace(
                        node.path("x").asDouble(),
                        node.path("y").asDouble(),
                        node.path("width").asDouble(),
                        node.path("height").asDouble(),
                        node.path("filling").asBoolean()))
                : Optional.empty();
    }

    /** Writes beside and renames, so that there is always a whole one. */
    public void write(Preferences preferences) throws IOException {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("look", preferences.look().word())
                .put("wordsAMinute", preferences.wordsAMinute());
        preferences.dotsAMillimetre().ifPresent(dots -> node.put("dotsAMillimetre", dots));
        ArrayNode recent = node.putArray("recent");
        preferences.recent().forEach(file -> recent.add(file.toString()));
        preferences
                .window()
                .ifPresent(w -> node.putObject("window")
                        .put("x", w.x())
                        .put("y", w.y())
                        .put("width", w.width())
                        .put("height", w.height())
                        .put("filling", w.filling()));
        if (!preferences.cards().isEmpty()) {
            node.put("cards", preferences.cards());
        }
        if (preferences.led()) {
            node.put("led", true);
        }
        if (!preferences.name().isEmpty()) {
            node.put("name", preferences.name());
        }
        if (!preferences.handed().isEmpty()) {
            node.put("handed", preferences.handed());
        }
        if (preferences.text() != Preferences.USUAL.text()) {
            node.put("text", preferences.text());
        }
        Files.createDirectories(path.toAbsolutePath().getParent());
        Path beside = path.resolveSibling("." + path.getFileName() + ".saving");
        Files.writeString(beside, Json.text(node));
        Files.move(beside, path, StandardCopyOption.REPLACE_EXISTING);
    }
}
