package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.files.Unreadable;

/** Values, where they come from, and what expects and shows them, as the file holds them. */
final class ValueJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int BOUND = 1_000_000_000;

    private ValueJson() {}

    static Value value(Fields f, String name) throws Unreadable {
        JsonNode node = f.plain(name);
        if (node.isBoolean()) {
            return new Value.YesNo(node.booleanValue());
        }
        return node.isNumber() ? new Value.Number(f.whole(name, -BOUND, BOUND)) : new Value.Text(f.text(name));
    }

    static JsonNode value(Value value) {
        return switch (value) {
            case Value.YesNo y -> NODES.booleanNode(y.yes());
            case Value.Number n -> NODES.numberNode(n.of());
            case Value.Text t -> NODES.textNode(t.words());
        };
    }

    /** Values by name. */
    static Map<String, Value> values(Fields f) throws Unreadable {
        Map<String, Value> values = new TreeMap<>();
        for (String name : f.names()) {
            values.put(name, value(f, name));
        }
        return values;
    }

    static ObjectNode values(Map<String, Value> values) {
        ObjectNode node = NODES.objectNode();
        values.forEach((name, value) -> node.set(name, value(value)));
        return node;
    }

    /**
     * A value, or an object that names where it comes from: {"fact": id}, {"given": name}, {"typed": hotspot}, {"row":
     * name}.
     */
    static Source source(Fields f, String name) throws Unreadable {
        return f.plain(name).isObject() ? source(f.object(name).orElseThrow()) : Source.of(value(f, name));
    }

    /** The source an object names by one of its fields. */
    static Source source(Fields f) throws Unreadable {
        f.knowing("fact", "given", "typed", "row", "value");
        if (f.has("fact")) {
            return new Source.OfFact(f.text("fact"));
        }
        if (f.has("given")) {
            return new Source.Given(f.text("given"));
        }
        if (f.has("typed")) {
            return new Source.Typed(f.text("typed"));
        }
        if (f.has("row")) {
            return new Source.OfRow(f.text("row"));
        }
        if (f.has("value")) {
            return Source.of(value(f, "value"));
        }
        throw new Unreadable("In " + f.where() + ": say fact, given, typed, row or value.");
    }

    static JsonNode source(Source source) {
        return source instanceof Source.Constant c ? value(c.value()) : named(NODES.objectNode(), source);
    }

    /** Names a source by one field of an object. */
    static ObjectNode named(ObjectNode node, Source source) {
        return switch (source) {
            case Source.OfFact f -> node.put("fact", f.id());
            case Source.Given g -> node.put("given", g.name());
            case Source.Typed t -> node.put("typed", t.field());
            case Source.OfRow r -> node.put("row", r.name());
            case Source.Constant c -> {
                node.set("value", value(c.value()));
                yield node;
            }
        };
    }

    /** What a link carries. */
    static Map<String, Source> carried(Optional<Fields> f) throws Unreadable {
        Map<String, Source> values = new TreeMap<>();
        for (String name : f.map(Fields::names).orElse(List.of())) {
            values.put(name, source(f.get(), name));
        }
        return values;
    }

    static ObjectNode carried(Map<String, Source> values) {
        ObjectNode node = NODES.objectNode();
        values.forEach((name, source) -> node.set(name, source(source)));
        return node;
    }

    static List<Expected> expected(Fields f) throws Unreadable {
        List<Expected> all = new ArrayList<>();
        for (JsonNode node : f.items("expects")) {
            Fields e = Fields.of(node, f.where() + ", value " + (all.size() + 1));
            String name = e.text("name");
            if (all.stream().anyMatch(x -> x.name().equals(name))) {
                throw new Unreadable("In " + e.where() + ": “" + name + "” is expected twice.");
            }
            all.add(new Expected(
                    name,
                    e.optionalWord("kind", Expected.Kind.values(), Expected.Kind::word)
                            .orElse(Expected.Kind.TEXT),
                    List.copyOf(new LinkedHashSet<>(e.texts("words"))),
                    e.flag("required"),
                    e.has("default") ? Optional.of(value(e, "default")) : Optional.empty()));
        }
        return all;
    }

    static ObjectNode expected(Expected e) {
        ObjectNode node =
                NODES.objectNode().put("name", e.name()).put("kind", e.kind().word());
        if (!e.words().isEmpty()) {
            e.words().forEach(node.putArray("words")::add);
        }
        if (e.required()) {
            node.put("required", true);
        }
        e.fallback().ifPresent(v -> node.set("default", value(v)));
        return node;
    }

    static Hotspot.Nature nature(Fields f) throws Unreadable {
        List<Map<String, Value>> rows = new ArrayList<>();
        for (JsonNode node : f.items("rows")) {
            rows.add(values(Fields.of(node, f.where() + ", row " + (rows.size() + 1))));
        }
        boolean field = f.flag("field");
        return !rows.isEmpty()
                ? new Hotspot.Nature.Rows(rows, field)
                : field ? new Hotspot.Nature.Field() : Hotspot.Nature.PLAIN;
    }

    static void nature(ObjectNode node, Hotspot.Nature nature) {
        switch (nature) {
            case Hotspot.Nature.Plain p -> {}
            case Hotspot.Nature.Field f -> node.put("field", true);
            case Hotspot.Nature.Rows r -> {
                var rows = node.putArray("rows");
                r.values().forEach(v -> rows.add(values(v)));
                if (r.field()) {
                    node.put("field", true);
                }
            }
        }
    }
}
