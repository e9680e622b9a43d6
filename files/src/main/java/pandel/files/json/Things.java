package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The things that stand in lists of a prototype's text: what tells each from the others, and what it is called. */
public final class Things {

    private static final Map<String, String> CALLED = Map.ofEntries(
            Map.entry("screens", "screen"),
            Map.entry("shared", "shared hotspot"),
            Map.entry("hotspots", "hotspot"),
            Map.entry("links", "link"),
            Map.entry("states", "look"),
            Map.entry("mocks", "mock"),
            Map.entry("entries", "entry"),
            Map.entry("devices", "device"),
            Map.entry("facts", "fact"),
            Map.entry("journeys", "journey"),
            Map.entry("sequences", "sequence"),
            Map.entry("tabSets", "tab set"),
            Map.entry("tabs", "tab"),
            Map.entry("drawers", "drawer"),
            Map.entry("items", "item"),
            Map.entry("pairs", "pair"),
            Map.entry("headers", "header"),
            Map.entry("actions", "action"),
            Map.entry("remarks", "remark"),
            Map.entry("startPoints", "start point"),
            Map.entry("versions", "version"));

    private Things() {}

    /** Its id; of a mock its width; empty where nothing tells it from others. */
    public static Optional<String> key(JsonNode thing) {
        JsonNode own = self(thing);
        return own.path("id").isTextual()
                ? Optional.of(own.get("id").textValue())
                : own.path("picture").isTextual() && own.path("on").isTextual()
                        ? Optional.of(own.get("on").textValue())
                        : Optional.empty();
    }

    /** A shared hotspot is called as its hotspot is. */
    private static JsonNode self(JsonNode thing) {
        return thing.path("hotspot").isObject() ? thing.get("hotspot") : thing;
    }

    /** The word for a thing of a list; empty where it has none. */
    public static Optional<String> word(String list) {
        return Optional.ofNullable(CALLED.get(list));
    }

    /** Its title, label or address; empty where it has none. */
    public static Optional<String> title(JsonNode thing) {
        JsonNode own = self(thing);
        return Stream.of("title", "label", "address")
                .map(name -> own.path(name).asText(""))
                .filter(title -> !title.isBlank())
                .findFirst();
    }
}
