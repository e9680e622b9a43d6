package pandel.files.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.files.json.field.InnerRest;
import pandel.files.json.field.Json;

/** Writes {@code prototype.json}: always the same order of fields; what is usual is left out. */
public final class PrototypeWriter {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    /** The format this Pandel writes, and the newest it reads. */
    public static final String FORMAT = "pandel/1";

    private PrototypeWriter() {}

    /** The whole text of {@code prototype.json}. */
    public static String text(Prototype prototype) {
        return Json.text(InnerRest.woven(prototype(prototype), prototype.rest().inner()));
    }

    /** Without what stands in parts that carry no unknown fields themselves. */
    static ObjectNode prototype(Prototype p) {
        ObjectNode node = NODES.objectNode().put("format", FORMAT);
        PrototypeJson.PROTOTYPE.write(p, node);
        return node;
    }

    /** The texts of the kept versions, by id, that stand apart. */
    public static Map<String, String> versions(Prototype prototype) {
        Map<String, String> texts = new LinkedHashMap<>();
        for (Version version : prototype.versions()) {
            switch (version.content()) {
                case Version.Content.Kept kept -> texts.put(version.id(), text(kept.prototype()));
                case Version.Content.Unread unread -> {
                    if (!unread.text().isEmpty()) {
                        texts.put(version.id(), unread.text());
                    }
                }
            }
        }
        return texts;
    }
}
