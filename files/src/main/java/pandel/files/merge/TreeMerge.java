package pandel.files.merge;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.StreamSupport;
import org.jspecify.annotations.Nullable;
import pandel.files.json.Things;

/**
 * Three texts of a prototype merged as trees (three-way): what has an id is one thing wherever it stands, its fields
 * are merged one by one; everything else is changed whole.
 */
final class TreeMerge {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    /** Things without an id whose fields are changed one by one all the same. */
    private static final Set<String> OF_FIELDS =
            Set.of("areas", "panel", "strip", "bar", "laid", "left", "feel", "judgements", "widths", "on", "overlay");

    /** Lists of ids to which each may add, and from which each may take. */
    private static final Set<String> OF_IDS = Set.of("screens", "tabSets", "hides", "hiddenOn", "pages", "quiet");

    private final Map<Integer, Side> chosen;
    private final List<Conflict> conflicts = new ArrayList<>();
    private final List<String> where = new ArrayList<>();

    /**
     * @param chosen whose is taken of what both changed, by its place among the conflicts; else what stands by itself
     */
    TreeMerge(Map<Integer, Side> chosen) {
        this.chosen = chosen;
    }

    private @Nullable JsonNode conflict(String field, @Nullable JsonNode mine, @Nullable JsonNode theirs) {
        Conflict conflict = new Conflict(where, field, mine, theirs);
        Side side = chosen.getOrDefault(conflicts.size(), conflict.stands());
        conflicts.add(conflict);
        return side == Side.MINE ? mine : theirs;
    }

    List<Conflict> conflicts() {
        return conflicts;
    }

    JsonNode merged(JsonNode base, JsonNode mine, JsonNode theirs) {
        return Objects.requireNonNull(merged("", base, mine, theirs, true));
    }

    private @Nullable JsonNode merged(
            String field, @Nullable JsonNode base, @Nullable JsonNode mine, @Nullable JsonNode theirs, boolean root) {
        if (Objects.equals(mine, theirs) || Objects.equals(theirs, base)) {
            return mine;
        }
        if (Objects.equals(mine, base)) {
            return theirs;
        }
        if (mine instanceof ObjectNode m
                && theirs instanceof ObjectNode t
                && (root
                        || OF_FIELDS.contains(field)
                        || Things.key(m).isPresent() && Things.key(m).equals(Things.key(t)))) {
            return fields(base instanceof ObjectNode b ? b : NODES.objectNode(), m, t);
        }
        if (isListOrNothing(mine) && isListOrNothing(theirs) && (mine != null || theirs != null)) {
            // A list that is empty is not written: one may have taken all away, and the other added to it.
            ArrayNode b = list(base);
            ArrayNode m = list(mine);
            ArrayNode t = list(theirs);
            if (OF_IDS.contains(field) && isWords(b) && isWords(m) && isWords(t)) {
                return ids(b, m, t);
            }
            if (isKeyed(b) && isKeyed(m) && isKeyed(t)) {
                return list(field, b, m, t);
            }
        }
        return conflict(field, mine, theirs);
    }

    private ObjectNode fields(ObjectNode base, ObjectNode mine, ObjectNode theirs) {
        Set<String> names = new LinkedHashSet<>();
        mine.fieldNames().forEachRemaining(names::add);
        theirs.fieldNames().forEachRemaining(names::add);
        ObjectNode made = NODES.objectNode();
        for (String name : names) {
            JsonNode merged = merged(name, base.get(name), mine.get(name), theirs.get(name), false);
            if (merged != null) {
                made.set(name, merged);
            }
        }
        return made;
    }

    private static boolean isListOrNothing(@Nullable JsonNode node) {
        return node == null || node.isArray();
    }

    private static ArrayNode list(@Nullable JsonNode node) {
        return node instanceof ArrayNode array ? array : NODES.arrayNode();
    }

    private static boolean isKeyed(ArrayNode list) {
        Set<String> keys = new LinkedHashSet<>();
        for (JsonNode thing : list) {
            Optional<String> key = Things.key(thing);
            if (key.isEmpty() || !keys.add(key.get())) {
                return false;
            }
        }
        return true;
    }

    private static boolean isWords(ArrayNode list) {
        return StreamSupport.stream(list.spliterator(), false).allMatch(JsonNode::isTextual);
    }

    private static List<String> words(ArrayNode list) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(JsonNode::textValue)
                .toList();
    }

    private static ArrayNode ids(ArrayNode base, ArrayNode mine, ArrayNode theirs) {
        List<String> all = Order.of(words(base), words(mine), words(theirs));
        ArrayNode made = NODES.arrayNode();
        for (String id : all) {
            boolean inMine = words(mine).contains(id);
            boolean inTheirs = words(theirs).contains(id);
            if (inMine && inTheirs || inMine != inTheirs && !words(base).contains(id)) {
                made.add(id);
            }
        }
        return made;
    }

    private ArrayNode list(String field, ArrayNode base, ArrayNode mine, ArrayNode theirs) {
        Map<String, JsonNode> b = byKey(base);
        Map<String, JsonNode> m = byKey(mine);
        Map<String, JsonNode> t = byKey(theirs);
        ArrayNode made = NODES.arrayNode();
        for (String key : Order.of(List.copyOf(b.keySet()), List.copyOf(m.keySet()), List.copyOf(t.keySet()))) {
            JsonNode was = b.get(key);
            JsonNode one = m.get(key);
            JsonNode other = t.get(key);
            where.add(called(field, one != null ? one : other != null ? other : Objects.requireNonNull(was)));
            if (one != null && other != null) {
                made.add(merged(field, was, one, other, false));
            } else if (was == null) {
                made.add(one != null ? one : other);
            } else if (one != null && !one.equals(was) || other != null && !other.equals(was)) {
                JsonNode stays = conflict("", one, other);
                if (stays != null) {
                    made.add(stays);
                }
            }
            where.removeLast();
        }
        return made;
    }

    private static Map<String, JsonNode> byKey(ArrayNode list) {
        Map<String, JsonNode> all = new LinkedHashMap<>();
        list.forEach(thing -> all.put(Things.key(thing).orElseThrow(), thing));
        return all;
    }

    /** “screen “Tool””; what has no title by its id. */
    private static String called(String field, JsonNode thing) {
        return Things.word(field).orElse(field) + " “"
                + Things.title(thing).or(() -> Things.key(thing)).orElse("") + "”";
    }
}
