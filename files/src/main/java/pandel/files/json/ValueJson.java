package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Expected;
import pandel.core.model.value.ExpectedBuilder;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Part;
import pandel.files.json.field.Table;

/** Values, where they come from, and what expects and shows them, as the file holds them. */
final class ValueJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int BOUND = 1_000_000_000;

    /** A value as JSON has it; numbers are whole. */
    static final Codec<Value> VALUE = Codec.of(ValueJson::value, ValueJson::value);

    /** Values by name. */
    static final Codec<Map<String, Value>> VALUES = Codec.byName(VALUE);

    /**
     * A value, or an object that names where it comes from: {"fact": id}, {"given": name}, {"typed": hotspot}, {"row":
     * name}.
     */
    static final Codec<Source> SOURCE = Codec.of(
            (in, name) -> in.plain(name).isObject() ? source(in.within(name)) : Source.of(value(in, name)),
            source -> source instanceof Source.Constant c ? value(c.value()) : named(NODES.objectNode(), source));

    /** What a link carries. */
    static final Codec<Map<String, Source>> CARRIED = Codec.byName(SOURCE);

    static final Table<Expected, ExpectedBuilder> EXPECTED = Table.<Expected, ExpectedBuilder>of(
                    ExpectedBuilder::builder, ExpectedBuilder::build)
            .required("name", Codec.TEXT, Expected::name, ExpectedBuilder::name)
            .always(
                    "kind",
                    Codec.word(Expected.Kind.values(), Expected.Kind::word),
                    Expected.Kind.TEXT,
                    Expected::kind,
                    ExpectedBuilder::kind)
            .unless(
                    List.of(),
                    "words",
                    Codec.TEXTS,
                    Expected::words,
                    (b, words) -> b.words(List.copyOf(new LinkedHashSet<>(words))))
            .unless(false, "required", Codec.FLAG, Expected::required, ExpectedBuilder::required)
            .maybe("default", VALUE, Expected::fallback, ExpectedBuilder::fallback);

    private static final Codec<List<Expected>> LIST = Codec.list("value", EXPECTED);

    /** What a screen expects, each name once. */
    static final Codec<List<Expected>> EXPECTS = Codec.of(ValueJson::expects, LIST::write);

    static final Part<Hotspot.Nature> NATURE = new Part<>() {
        @Override
        public List<String> names() {
            return List.of("rows", "field", "begins");
        }

        @Override
        public Hotspot.Nature read(Fields in) throws Unreadable {
            return nature(in);
        }

        @Override
        public void write(Hotspot.Nature nature, ObjectNode node) {
            put(nature, node);
        }
    };

    private ValueJson() {}

    private static Value value(Fields f, String name) throws Unreadable {
        JsonNode node = f.plain(name);
        if (node.isBoolean()) {
            return new Value.YesNo(node.booleanValue());
        }
        return node.isNumber() ? new Value.Number(f.whole(name, -BOUND, BOUND)) : new Value.Text(f.text(name));
    }

    private static JsonNode value(Value value) {
        return switch (value) {
            case Value.YesNo y -> NODES.booleanNode(y.yes());
            case Value.Number n -> NODES.numberNode(n.of());
            case Value.Text t -> NODES.textNode(t.words());
        };
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

    /** Names a source by one field of an object. */
    static ObjectNode named(ObjectNode node, Source source) {
        return switch (source) {
            case Source.OfFact f -> node.put("fact", f.id());
            case Source.Given g -> node.put("given", g.name());
            case Source.Typed t -> node.put("typed", t.field());
            case Source.OfRow r -> node.put("row", r.name());
            case Source.Constant c -> node.set("value", value(c.value()));
        };
    }

    private static List<Expected> expects(Fields in, String name) throws Unreadable {
        List<Expected> all = LIST.read(in, name);
        Set<String> names = new HashSet<>();
        for (Expected one : all) {
            if (!names.add(one.name())) {
                throw new Unreadable("In " + in.where() + ": “" + one.name() + "” is expected twice.");
            }
        }
        return all;
    }

    private static Hotspot.Nature nature(Fields f) throws Unreadable {
        List<Map<String, Value>> rows = new ArrayList<>();
        for (JsonNode node : f.items("rows")) {
            Fields row = f.item(node, "row " + (rows.size() + 1));
            Map<String, Value> values = new TreeMap<>();
            for (String name : row.names()) {
                values.put(name, value(row, name));
            }
            rows.add(values);
        }
        boolean field = f.flag("field");
        return !rows.isEmpty()
                ? new Hotspot.Nature.Rows(rows, field)
                : field
                        ? new Hotspot.Nature.Field(
                                f.has("begins") ? Optional.of(SOURCE.read(f, "begins")) : Optional.empty())
                        : Hotspot.Nature.PLAIN;
    }

    private static void put(Hotspot.Nature nature, ObjectNode node) {
        switch (nature) {
            case Hotspot.Nature.Plain p -> {}
            case Hotspot.Nature.Field f -> {
                node.put("field", true);
                f.begins().ifPresent(source -> node.set("begins", SOURCE.write(source)));
            }
            case Hotspot.Nature.Rows r -> {
                var rows = node.putArray("rows");
                r.values().forEach(v -> rows.add(VALUES.write(v)));
                if (r.field()) {
                    node.put("field", true);
                }
            }
        }
    }
}
