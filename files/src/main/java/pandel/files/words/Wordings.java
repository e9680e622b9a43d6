package pandel.files.words;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;
import pandel.files.json.Things;

/**
 * All words that people read in a prototype: titles of screens and hotspots, labels, words laid on pictures, notices,
 * what turns pages, heads of drawers. Not those that are compared or remembered: values, facts, outcomes.
 */
public final class Wordings {

    private static final ObjectMapper JSON = new ObjectMapper();

    private static final List<String> PARTS =
            List.of("screens", "shared", "sequences", "tabSets", "drawers", "headers");

    private static final Set<String> READ =
            Set.of("title", "label", "words", "head", "previous", "next", "last", "skip");

    /** What is done with each: the words that stand there now. */
    private interface Each {
        Optional<String> of(Wording wording);
    }

    /**
     * What came of words taken in.
     *
     * @param changed how many are other than they were
     * @param unknown keys of words that stand nowhere any more
     */
    public record Taken(Prototype prototype, int changed, List<String> unknown) {}

    private Wordings() {}

    /** All of them, in the order of the file; none twice. */
    public static List<Wording> of(Prototype prototype) throws JsonProcessingException {
        List<Wording> all = new ArrayList<>();
        walk(JSON.readTree(PrototypeWriter.text(prototype)), wording -> {
            all.add(wording);
            return Optional.empty();
        });
        return all;
    }

    /**
     * The same prototype with other words.
     *
     * @param words by key; empty ones change nothing
     */
    public static Taken with(Prototype prototype, Map<String, String> words) throws Unreadable, IOException {
        JsonNode tree = JSON.readTree(PrototypeWriter.text(prototype));
        Set<String> unknown = new LinkedHashSet<>(words.keySet());
        int[] changed = {0};
        walk(tree, wording -> {
            unknown.remove(wording.key());
            String now = words.getOrDefault(wording.key(), "");
            boolean other = !now.isBlank() && !now.equals(wording.words());
            changed[0] += other ? 1 : 0;
            return other ? Optional.of(now) : Optional.empty();
        });
        Map<String, String> versions = PrototypeWriter.versions(prototype);
        Prototype made = PrototypeReader.read(
                new ByteArrayInputStream(JSON.writeValueAsBytes(tree)), id -> Optional.ofNullable(versions.get(id)));
        return new Taken(made, changed[0], List.copyOf(unknown));
    }

    private static void walk(JsonNode tree, Each each) {
        for (String part : PARTS) {
            if (tree.get(part) instanceof ArrayNode list) {
                list(list, part, part, List.of(), each);
            }
        }
    }

    private static void list(ArrayNode list, String field, String key, List<String> where, Each each) {
        for (int i = 0; i < list.size(); i++) {
            if (list.get(i) instanceof ObjectNode thing) {
                thing(
                        thing,
                        key + "/" + Things.key(thing).orElse(String.valueOf(i)),
                        called(field, thing, where),
                        each);
            }
        }
    }

    private static void thing(ObjectNode thing, String key, List<String> where, Each each) {
        List<String> names = new ArrayList<>();
        thing.fieldNames().forEachRemaining(names::add);
        for (String name : names) {
            JsonNode value = thing.get(name);
            String deeper = key + "/" + name;
            if (value.isTextual() && READ.contains(name) && !value.textValue().isBlank()) {
                each.of(new Wording(deeper, String.join(", ", where), value.textValue()))
                        .ifPresent(other -> thing.put(name, other));
            } else if (value instanceof ArrayNode list && !name.equals("expects") && !name.equals("rows")) {
                list(list, name, deeper, where, each);
            } else if (value instanceof ObjectNode inner && !name.equals("areas")) {
                thing(inner, deeper, where, each);
            }
        }
    }

    /** What has no name in sentences adds nothing to where it stands. */
    private static List<String> called(String field, ObjectNode thing, List<String> where) {
        List<String> made = new ArrayList<>(where);
        Things.word(field)
                .ifPresent(word -> made.add(
                        word + Things.title(thing).map(t -> " “" + t + "”").orElse("")));
        return made;
    }
}
