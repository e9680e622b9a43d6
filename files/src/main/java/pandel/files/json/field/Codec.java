package pandel.files.json.field;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import pandel.files.Unreadable;

/** How one field holds a value. Reading says where a wrong one stands. */
public interface Codec<T> {

    /**
     * The value of a field that is there.
     *
     * @throws Unreadable when it is missing or wrong
     */
    T read(Fields in, String name) throws Unreadable;

    JsonNode write(T value);

    Codec<String> TEXT = of(Fields::text, JsonNodeFactory.instance::textNode);
    Codec<Double> NUMBER = of(Fields::number, JsonNodeFactory.instance::numberNode);
    Codec<Boolean> FLAG = of(Fields::flag, JsonNodeFactory.instance::booleanNode);
    Codec<List<String>> TEXTS = of(Fields::texts, Codec::strings);
    /** In the order of the file, each once. */
    Codec<Set<String>> TEXT_SET = of((in, name) -> new LinkedHashSet<>(in.texts(name)), Codec::strings);

    /** Reads, and may fail. */
    interface Reading<T> {
        T read(Fields in, String name) throws Unreadable;
    }

    static <T> Codec<T> of(Reading<T> reading, Function<T, JsonNode> writing) {
        return new Codec<>() {
            @Override
            public T read(Fields in, String name) throws Unreadable {
                return reading.read(in, name);
            }

            @Override
            public JsonNode write(T value) {
                return writing.apply(value);
            }
        };
    }

    /** A whole number within bounds, both included. */
    static Codec<Integer> whole(int least, int most) {
        return of((in, name) -> in.whole(name, least, most), JsonNodeFactory.instance::numberNode);
    }

    /** One of a set of words. */
    static <T> Codec<T> word(T[] values, Function<T, String> word) {
        return of((in, name) -> in.word(name, values, word), v -> JsonNodeFactory.instance.textNode(word.apply(v)));
    }

    /**
     * Some of a set of words, written in the order of the set.
     *
     * @param called what one of them is, in an error
     */
    static <E extends Enum<E>> Codec<Set<E>> words(String called, Class<E> type, Function<E, String> word) {
        return of(
                (in, name) -> {
                    Set<E> read = EnumSet.noneOf(type);
                    for (String text : in.texts(name)) {
                        read.add(in.find(called, text, type.getEnumConstants(), word));
                    }
                    return read;
                },
                set -> strings(set.stream().sorted().map(word).toList()));
    }

    /** An object of its own. */
    static <T> Codec<T> object(Part<T> part) {
        return of((in, name) -> part.read(in.within(name)), value -> node(part, value));
    }

    /**
     * A list of objects.
     *
     * @param called what one of them is, in the place that an error names: "link"
     */
    static <T> Codec<List<T>> list(String called, Part<T> part) {
        return of(
                (in, name) -> {
                    List<T> read = new ArrayList<>();
                    for (JsonNode node : in.items(name)) {
                        read.add(part.read(in.item(node, called + " " + (read.size() + 1))));
                    }
                    return read;
                },
                values -> {
                    ArrayNode list = JsonNodeFactory.instance.arrayNode();
                    values.forEach(value -> list.add(node(part, value)));
                    return list;
                });
    }

    /** An object with a field for each of some names. */
    static <K, T> Codec<Map<K, T>> byName(String called, K[] keys, Function<K, String> word, Codec<T> value) {
        return of(
                (in, name) -> {
                    Fields inner = in.within(name);
                    Map<K, T> read = new LinkedHashMap<>();
                    for (String key : inner.names()) {
                        read.put(inner.find(called, key, keys, word), value.read(inner, key));
                    }
                    return read;
                },
                map -> object(map, word, value));
    }

    /** An object with a field for each of whatever names there are. */
    static <T> Codec<Map<String, T>> byName(Codec<T> value) {
        return of(
                (in, name) -> {
                    Fields inner = in.within(name);
                    Map<String, T> read = new LinkedHashMap<>();
                    for (String key : inner.names()) {
                        read.put(key, value.read(inner, key));
                    }
                    return read;
                },
                map -> object(map, Function.identity(), value));
    }

    private static <K, T> ObjectNode object(Map<K, T> map, Function<K, String> word, Codec<T> value) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        map.forEach((key, v) -> node.set(word.apply(key), value.write(v)));
        return node;
    }

    /** The object that a part alone makes. */
    static <T> ObjectNode node(Part<T> part, T value) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        part.write(value, node);
        return node;
    }

    private static ArrayNode strings(Collection<String> texts) {
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        texts.forEach(list::add);
        return list;
    }
}
