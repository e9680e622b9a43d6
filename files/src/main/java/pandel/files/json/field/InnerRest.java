package pandel.files.json.field;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import pandel.core.model.rest.UnknownFields;
import pandel.core.model.rest.UnknownFields.Step;

/**
 * Keeps unknown fields of parts that carry none themselves, for all kinds of object alike: what was not asked for while
 * reading is noted by where it stands, and woven in again when writing. What this Pandel writes itself always counts.
 */
public final class InnerRest {

    private final List<UnknownFields> found = new ArrayList<>();

    private InnerRest() {}

    /**
     * What a file holds beyond what was read of it.
     *
     * @param written what would be written of what was read
     */
    public static List<UnknownFields> of(JsonNode read, Supplier<JsonNode> written) {
        if (!hasUnknown(read)) {
            return List.of();
        }
        InnerRest rest = new InnerRest();
        rest.note(read, written.get(), "", List.of());
        return rest.found;
    }

    private static boolean hasUnknown(JsonNode node) {
        if (node instanceof NotedObject object) {
            for (var field : object.properties()) {
                if (object.isAsked(field.getKey()) ? hasUnknown(field.getValue()) : !object.isRestKept()) {
                    return true;
                }
            }
        } else if (node.isArray()) {
            for (JsonNode item : node) {
                if (hasUnknown(item)) {
                    return true;
                }
            }
        }
        return false;
    }

    private void note(JsonNode read, JsonNode written, String owner, List<Step> path) {
        if (read instanceof NotedObject object) {
            Map<String, Object> unknown = new LinkedHashMap<>();
            object.properties().forEach(field -> {
                JsonNode now = written.path(field.getKey());
                if (object.isAsked(field.getKey())) {
                    inwards(
                            field.getValue(),
                            now,
                            owner,
                            with(path, new Step.Named(field.getKey(), whole(field.getValue(), now))));
                } else if (!object.isRestKept() && now.isMissingNode()) {
                    unknown.put(field.getKey(), plain(field.getValue()));
                }
            });
            if (!unknown.isEmpty()) {
                found.add(new UnknownFields(owner, path, unknown));
            }
        } else if (read.isArray()) {
            for (int i = 0; i < read.size(); i++) {
                JsonNode now = written.path(i);
                inwards(
                        read.get(i),
                        now,
                        owner,
                        with(path, new Step.Item(i, written.size(), now.toString(), whole(read.get(i), now))));
            }
        }
    }

    private void inwards(JsonNode read, JsonNode written, String owner, List<Step> path) {
        if (hasUnknown(read)) {
            String id = id(written);
            note(read, written, id.isEmpty() ? owner : id, id.isEmpty() ? path : List.of());
        }
    }

    private static List<Step> with(List<Step> path, Step step) {
        List<Step> longer = new ArrayList<>(path);
        longer.add(step);
        return longer;
    }

    private static Optional<Object> whole(JsonNode read, JsonNode written) {
        return read.isContainerNode() && !written.isContainerNode() ? Optional.of(plain(read)) : Optional.empty();
    }

    private static Object plain(JsonNode node) {
        return Json.MAPPER.convertValue(node, Object.class);
    }

    private static String id(JsonNode node) {
        return node.isObject() && node.path("id").isTextual() ? node.get("id").textValue() : "";
    }

    /** The tree with all of it woven in. */
    public static ObjectNode woven(ObjectNode tree, List<UnknownFields> inner) {
        if (!inner.isEmpty()) {
            Map<String, List<ObjectNode>> owners = new LinkedHashMap<>();
            owners.put("", List.of(tree));
            collect(tree, owners);
            // Deepest last: an item is found by how it is written before anything was woven into it.
            List<Runnable> weaving = new ArrayList<>();
            inner.forEach(unknown -> owners.getOrDefault(unknown.owner(), List.of())
                    .forEach(owner -> find(owner, unknown.path(), 0)
                            .ifPresent(part -> weaving.add(() -> add(part, unknown.fields())))));
            weaving.forEach(Runnable::run);
        }
        return tree;
    }

    private static void collect(JsonNode node, Map<String, List<ObjectNode>> owners) {
        String id = id(node);
        if (!id.isEmpty()) {
            owners.computeIfAbsent(id, x -> new ArrayList<>()).add((ObjectNode) node);
        }
        node.forEach(child -> collect(child, owners));
    }

    private static void add(ObjectNode part, Map<String, Object> fields) {
        fields.forEach((name, value) -> {
            if (!part.has(name)) {
                part.set(name, Json.MAPPER.valueToTree(value));
            }
        });
    }

    private static Optional<ObjectNode> find(JsonNode from, List<Step> path, int at) {
        if (at == path.size()) {
            return from instanceof ObjectNode part ? Optional.of(part) : Optional.empty();
        }
        Step step = path.get(at);
        JsonNode next = switch (step) {
            case Step.Named named
            when from instanceof ObjectNode object -> {
                if (!object.path(named.name()).isContainerNode()) {
                    named.whole()
                            .filter(w -> !object.has(named.name())
                                    || !object.get(named.name()).isContainerNode())
                            .ifPresent(w -> object.set(named.name(), Json.MAPPER.valueToTree(w)));
                }
                yield object.path(named.name());
            }
            case Step.Item item
            when from instanceof ArrayNode list -> {
                int index = index(list, item);
                if (index >= 0 && !list.get(index).isContainerNode()) {
                    item.whole().ifPresent(w -> list.set(index, Json.MAPPER.<JsonNode>valueToTree(w)));
                }
                yield list.path(index);
            }
            default -> com.fasterxml.jackson.databind.node.MissingNode.getInstance();
        };
        return find(next, path, at + 1);
    }

    private static int index(ArrayNode list, Step.Item item) {
        boolean here = item.index() < list.size();
        if (here && list.get(item.index()).toString().equals(item.print())) {
            return item.index();
        }
        for (int i = 0; i < list.size(); i++) {
            if (list.get(i).toString().equals(item.print())) {
                return i;
            }
        }
        return here && list.size() == item.of() ? item.index() : -1;
    }
}
