package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import pandel.core.model.link.Effect;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.files.Unreadable;

/** Facts, what asks for them and what sets them, as JSON. Yes and no are true and false. */
final class FactJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int BOUND = 1_000_000_000;

    private FactJson() {}

    static Fact fact(Fields f, String id) throws Unreadable {
        String title = f.optionalText("title").orElse("");
        String kind = f.text("kind");
        Fact.Kind made = switch (kind) {
            case "yes/no" -> new Fact.Kind.YesNo();
            case "one of" -> new Fact.Kind.OneOf(f.texts("words"));
            case "number" -> {
                int least = f.has("least") ? f.whole("least", -BOUND, BOUND) : Fact.Kind.USUAL_NUMBER.least();
                int most = f.has("most") ? f.whole("most", -BOUND, BOUND) : Fact.Kind.USUAL_NUMBER.most();
                yield f.made(() -> new Fact.Kind.Number(least, most));
            }
            default ->
                throw new Unreadable(
                        "In " + f.where() + ": unknown kind “" + kind + "”; it can be yes/no, one of, number.");
        };
        return new Fact(id, title, made, f.rest());
    }

    static ObjectNode fact(Fact fact) {
        ObjectNode node = NODES.objectNode()
                .put("id", fact.id())
                .put("title", fact.title())
                .put("kind", fact.kind().word());
        switch (fact.kind()) {
            case Fact.Kind.YesNo y -> {}
            case Fact.Kind.OneOf o -> {
                var words = node.putArray("words");
                o.words().forEach(words::add);
            }
            case Fact.Kind.Number n -> node.put("least", n.least()).put("most", n.most());
        }
        return node;
    }

    static List<Condition> conditions(Fields f) throws Unreadable {
        List<Condition> conditions = new ArrayList<>();
        for (JsonNode node : f.items("when")) {
            Fields c = Fields.of(node, f.where() + ", condition " + (conditions.size() + 1));
            Condition.Compare compare =
                    c.knowing("with").word("compare", Condition.Compare.values(), Condition.Compare::word);
            conditions.add(new Condition(
                    ValueJson.source(c),
                    compare,
                    compare == Condition.Compare.EMPTY ? Source.of(Value.NOTHING) : ValueJson.source(c, "with")));
        }
        return conditions;
    }

    static ObjectNode condition(Condition c) {
        ObjectNode node = ValueJson.named(NODES.objectNode(), c.what())
                .put("compare", c.compare().word());
        if (c.compare() != Condition.Compare.EMPTY) {
            node.set("with", ValueJson.source(c.with()));
        }
        return node;
    }

    static Effect.Remember remember(Fields f) throws Unreadable {
        f.knowing("set", "by", "toggle", "unset");
        Effect.Change change = f.has("set")
                ? new Effect.Change.Set(ValueJson.source(f, "set"))
                : f.has("by")
                        ? new Effect.Change.By(f.whole("by", -BOUND, BOUND))
                        : f.flag("toggle")
                                ? new Effect.Change.Toggle()
                                : f.flag("unset") ? new Effect.Change.Unset() : null;
        if (change == null) {
            throw new Unreadable("In " + f.where() + ": remember needs set, by, toggle or unset.");
        }
        return new Effect.Remember(f.text("fact"), change);
    }

    static void remember(ObjectNode node, Effect.Remember remember) {
        node.put("fact", remember.fact());
        switch (remember.change()) {
            case Effect.Change.Set set -> node.set("set", ValueJson.source(set.to()));
            case Effect.Change.By by -> node.put("by", by.n());
            case Effect.Change.Toggle t -> node.put("toggle", true);
            case Effect.Change.Unset u -> node.put("unset", true);
        }
    }

    /** What is remembered, by fact id. */
    static Facts facts(Fields f) throws Unreadable {
        return Facts.of(ValueJson.values(f));
    }

    static ObjectNode facts(Facts facts) {
        return ValueJson.values(facts.set());
    }
}
