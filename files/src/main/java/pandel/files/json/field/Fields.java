package pandel.files.json.field;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import pandel.core.model.rest.Rest;
import pandel.files.Unreadable;

/**
 * A JSON object being read: asks for its fields by name, says where a wrong one stands, and keeps those not asked for.
 */
public final class Fields {

    private static final int LONGEST_ID = 200;

    private final NotedObject object;
    private final String where;
    private final Set<String> ids;
    private String inner;

    private Fields(NotedObject object, String where, String inner, Set<String> ids) {
        this.object = object;
        this.where = where;
        this.inner = inner;
        this.ids = ids;
    }

    /** @param where what people call this object: "screen tool-kqf" */
    public static Fields of(JsonNode node, String where) throws Unreadable {
        return of(node, where, where + ", ", new HashSet<>());
    }

    /** A whole file; what stands in it is named without it. */
    public static Fields file(JsonNode node, String name) throws Unreadable {
        return of(node, name, "", new HashSet<>());
    }

    private static Fields of(JsonNode node, String where, String inner, Set<String> ids) throws Unreadable {
        if (!(node instanceof NotedObject object)) {
            throw new Unreadable("In " + where + ": expected an object { … }, found " + kind(node) + ".");
        }
        return new Fields(object, where, inner, ids);
    }

    /** One of a list of objects within. */
    public Fields item(JsonNode node, String called) throws Unreadable {
        return of(node, inner + called, inner + called + ", ", ids);
    }

    /** The object that a field holds. */
    public Fields within(String name) throws Unreadable {
        return item(plain(name), name);
    }

    /** From now on what stands within is named by that. */
    public void namesInner(String called) {
        inner = called + ", ";
    }

    /** An id that nothing read before in the same file has. */
    public String claimed(String name) throws Unreadable {
        String id = text(name);
        if (id.isBlank() || id.length() > LONGEST_ID) {
            throw new Unreadable("In " + where + ": an id has 1 to " + LONGEST_ID + " letters.");
        }
        if (!ids.add(id)) {
            throw new Unreadable(
                    "In " + where + ": the id “" + id + "” is used twice; give one of the two another id.");
        }
        return id;
    }

    private Optional<JsonNode> get(String name) {
        object.ask(name);
        JsonNode node = object.get(name);
        return node == null || node.isNull() ? Optional.empty() : Optional.of(node);
    }

    public boolean has(String name) {
        return get(name).isPresent();
    }

    public String text(String name) throws Unreadable {
        return optionalText(name).orElseThrow(() -> missing(name));
    }

    public Optional<String> optionalText(String name) throws Unreadable {
        Optional<JsonNode> node = get(name);
        if (node.isPresent() && !node.get().isTextual()) {
            throw wrong(name, "a text", node.get());
        }
        return node.map(JsonNode::textValue);
    }

    public double number(String name) throws Unreadable {
        return optionalNumber(name).orElseThrow(() -> missing(name));
    }

    public Optional<Double> optionalNumber(String name) throws Unreadable {
        Optional<JsonNode> node = get(name);
        if (node.isPresent() && !node.get().isNumber()) {
            throw wrong(name, "a number", node.get());
        }
        if (node.isPresent() && !Double.isFinite(node.get().doubleValue())) {
            throw new Unreadable(
                    "In " + where + ": “" + name + "” is a number larger than any that can be meant; make it smaller.");
        }
        return node.map(JsonNode::doubleValue);
    }

    /** Notes that fields are known, whichever of them counts. */
    public Fields knowing(String... names) {
        for (String name : names) {
            object.ask(name);
        }
        return this;
    }

    /** Whatever stands there. */
    public JsonNode plain(String name) throws Unreadable {
        return get(name).orElseThrow(() -> missing(name));
    }

    /** A whole number within bounds. */
    public int whole(String name, int least, int most) throws Unreadable {
        double value = number(name);
        if (value != Math.rint(value) || value < least || value > most) {
            throw new Unreadable(
                    "In " + where + ": “" + name + "” must be a whole number from " + least + " to " + most + ".");
        }
        return (int) value;
    }

    public boolean flag(String name) throws Unreadable {
        Optional<JsonNode> node = get(name);
        if (node.isPresent() && !node.get().isBoolean()) {
            throw wrong(name, "true or false", node.get());
        }
        return node.map(JsonNode::booleanValue).orElse(false);
    }

    /** One of a set of words. */
    public <T> T word(String name, T[] values, Function<T, String> word) throws Unreadable {
        return optionalWord(name, values, word).orElseThrow(() -> missing(name));
    }

    public <T> Optional<T> optionalWord(String name, T[] values, Function<T, String> word) throws Unreadable {
        Optional<String> text = optionalText(name);
        return text.isEmpty() ? Optional.empty() : Optional.of(find(name, text.get(), values, word));
    }

    public <T> T find(String name, String text, T[] values, Function<T, String> word) throws Unreadable {
        for (T value : values) {
            if (word.apply(value).equals(text)) {
                return value;
            }
        }
        throw new Unreadable("In " + where + ": unknown " + name + " “" + text + "”; it can be "
                + List.of(values).stream().map(word).collect(Collectors.joining(", ")) + ".");
    }

    /** The items of a list; none when it is not there. */
    public List<JsonNode> items(String name) throws Unreadable {
        Optional<JsonNode> node = get(name);
        if (node.isPresent() && !node.get().isArray()) {
            throw wrong(name, "a list [ … ]", node.get());
        }
        List<JsonNode> items = new ArrayList<>();
        node.ifPresent(list -> list.forEach(items::add));
        return items;
    }

    public List<String> texts(String name) throws Unreadable {
        List<String> texts = new ArrayList<>();
        for (JsonNode item : items(name)) {
            if (!item.isTextual()) {
                throw wrong(name, "a list of texts", item);
            }
            texts.add(item.textValue());
        }
        return texts;
    }

    /** A list of exactly that many numbers. */
    public double[] numbers(String name, int count) throws Unreadable {
        List<JsonNode> items = items(name);
        if (items.size() != count || !items.stream().allMatch(n -> n.isNumber() && Double.isFinite(n.doubleValue()))) {
            throw new Unreadable("In " + where + ": “" + name + "” must be a list of " + count + " numbers.");
        }
        return items.stream().mapToDouble(JsonNode::doubleValue).toArray();
    }

    public Optional<Fields> object(String name) throws Unreadable {
        Optional<JsonNode> node = get(name);
        return node.isEmpty() ? Optional.empty() : Optional.of(item(node.get(), name));
    }

    public List<String> names() {
        List<String> names = new ArrayList<>();
        object.fieldNames().forEachRemaining(names::add);
        return names;
    }

    public String where() {
        return where;
    }

    /** Runs a constructor that checks its own arguments, its complaint becoming a sentence with a place. */
    public <T> T made(Supplier<T> constructor) throws Unreadable {
        try {
            return constructor.get();
        } catch (IllegalArgumentException e) {
            throw new Unreadable("In " + where + ": " + e.getMessage() + ".");
        }
    }

    /** The fields nobody asked for. */
    public Rest rest() {
        object.keepsRest();
        Map<String, Object> rest = new LinkedHashMap<>();
        for (String name : names()) {
            if (!object.isAsked(name)) {
                rest.put(name, Json.MAPPER.convertValue(object.get(name), Object.class));
            }
        }
        return rest.isEmpty() ? Rest.NONE : new Rest(rest);
    }

    private Unreadable missing(String name) {
        return new Unreadable("In " + where + ": “" + name + "” is missing.");
    }

    private Unreadable wrong(String name, String expected, JsonNode found) {
        return new Unreadable("In " + where + ": “" + name + "” must be " + expected + ", found " + kind(found) + ".");
    }

    private static String kind(JsonNode node) {
        return switch (node.getNodeType()) {
            case OBJECT -> "an object";
            case ARRAY -> "a list";
            case STRING -> "a text";
            case NUMBER -> "a number";
            case BOOLEAN -> "true or false";
            default -> "nothing";
        };
    }
}
