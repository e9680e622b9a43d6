package pandel.files.json;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import pandel.core.model.link.Effect;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.model.value.FactBuilder;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Part;
import pandel.files.json.field.Table;

/** Facts, what asks for them and what sets them, as JSON. Yes and no are true and false. */
final class FactJson {

    private static final int BOUND = 1_000_000_000;
    private static final Codec<Integer> WHOLE = Codec.whole(-BOUND, BOUND);

    private static final Part<Fact.Kind> KIND = new Part<>() {
        @Override
        public List<String> names() {
            return List.of("kind", "words", "least", "most");
        }

        @Override
        public Fact.Kind read(Fields in) throws Unreadable {
            return kind(in);
        }

        @Override
        public void write(Fact.Kind kind, ObjectNode node) {
            node.put("kind", kind.word());
            switch (kind) {
                case Fact.Kind.YesNo y -> {}
                case Fact.Kind.Text t -> {}
                case Fact.Kind.OneOf o -> node.set("words", Codec.TEXTS.write(o.words()));
                case Fact.Kind.Number n -> node.put("least", n.least()).put("most", n.most());
            }
        }
    };

    static final Table<Fact, FactBuilder> FACT = Table.<Fact, FactBuilder>of(FactBuilder::builder, FactBuilder::build)
            .id(Fact::id, FactBuilder::id)
            .always("title", Codec.TEXT, "", Fact::title, FactBuilder::title)
            .part(KIND, Fact::kind, FactBuilder::kind)
            .rest(Fact::rest, FactBuilder::rest);

    static final Part<Condition> CONDITION = new Part<>() {
        @Override
        public List<String> names() {
            return List.of("fact", "given", "typed", "row", "value", "compare", "with");
        }

        @Override
        public Condition read(Fields in) throws Unreadable {
            Condition.Compare compare =
                    in.knowing("with").word("compare", Condition.Compare.values(), Condition.Compare::word);
            return new Condition(
                    ValueJson.source(in),
                    compare,
                    compare.isAlone() ? Source.of(Value.NOTHING) : ValueJson.SOURCE.read(in, "with"));
        }

        @Override
        public void write(Condition c, ObjectNode node) {
            ValueJson.named(node, c.what()).put("compare", c.compare().word());
            if (!c.compare().isAlone()) {
                node.set("with", ValueJson.SOURCE.write(c.with()));
            }
        }
    };

    static final Codec<List<Condition>> CONDITIONS = Codec.list("condition", CONDITION);

    /** What a fact is changed to, and which. */
    static final Part<Effect.Remember> REMEMBER = new Part<>() {
        @Override
        public List<String> names() {
            return List.of("fact", "set", "by", "toggle", "unset");
        }

        @Override
        public Effect.Remember read(Fields in) throws Unreadable {
            return remember(in);
        }

        @Override
        public void write(Effect.Remember remember, ObjectNode node) {
            node.put("fact", remember.fact());
            switch (remember.change()) {
                case Effect.Change.Set set -> node.set("set", ValueJson.SOURCE.write(set.to()));
                case Effect.Change.By by -> node.put("by", by.n());
                case Effect.Change.Toggle t -> node.put("toggle", true);
                case Effect.Change.Unset u -> node.put("unset", true);
            }
        }
    };

    /** What is remembered, by fact id. */
    static final Codec<Facts> FACTS = Codec.of(
            (in, name) -> Facts.of(ValueJson.VALUES.read(in, name)), facts -> ValueJson.VALUES.write(facts.set()));

    private FactJson() {}

    private static Fact.Kind kind(Fields in) throws Unreadable {
        String kind = in.text("kind");
        return switch (kind) {
            case "yes/no" -> new Fact.Kind.YesNo();
            case "text" -> new Fact.Kind.Text();
            case "one of" -> new Fact.Kind.OneOf(in.texts("words"));
            case "number" -> {
                int least = in.has("least") ? WHOLE.read(in, "least") : Fact.Kind.USUAL_NUMBER.least();
                int most = in.has("most") ? WHOLE.read(in, "most") : Fact.Kind.USUAL_NUMBER.most();
                yield in.made(() -> new Fact.Kind.Number(least, most));
            }
            default ->
                throw new Unreadable(
                        "In " + in.where() + ": unknown kind “" + kind + "”; it can be yes/no, one of, number, text.");
        };
    }

    private static Effect.Remember remember(Fields in) throws Unreadable {
        in.knowing("set", "by", "toggle", "unset");
        return new Effect.Remember(in.text("fact"), change(in));
    }

    private static Effect.Change change(Fields in) throws Unreadable {
        if (in.has("set")) {
            return new Effect.Change.Set(ValueJson.SOURCE.read(in, "set"));
        }
        if (in.has("by")) {
            return new Effect.Change.By(WHOLE.read(in, "by"));
        }
        if (in.flag("toggle")) {
            return new Effect.Change.Toggle();
        }
        if (in.flag("unset")) {
            return new Effect.Change.Unset();
        }
        throw new Unreadable("In " + in.where() + ": remember needs set, by, toggle or unset.");
    }
}
