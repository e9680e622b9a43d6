package pandel.files.json;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.value.Source;
import pandel.files.Unreadable;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Part;

/** What verbs lead and turn to, as the file holds it. */
final class TargetJson {

    /** Pages that a sequence can have at most. */
    static final int MOST_PAGES = 10_000;

    /** {@code "screen": id}, {@code "tabs": id} and perhaps a tab, or {@code "sequence": id} and perhaps a page. */
    static final Part<Target> PLAIN = new Part<>() {
        @Override
        public List<String> names() {
            return List.of("screen", "tabs", "tab", "sequence", "page");
        }

        @Override
        public Target read(Fields in) throws Unreadable {
            return target(in, Map.of());
        }

        @Override
        public void write(Target target, ObjectNode node) {
            put(target, node);
        }
    };

    /** The same with the values that it is given. */
    static final Part<Target> CARRYING = new Part<>() {
        @Override
        public List<String> names() {
            List<String> names = new ArrayList<>(PLAIN.names());
            names.add("values");
            return names;
        }

        @Override
        public Target read(Fields in) throws Unreadable {
            return target(in, in.has("values") ? ValueJson.CARRIED.read(in, "values") : Map.of());
        }

        @Override
        public void write(Target target, ObjectNode node) {
            put(target, node);
            if (!target.values().isEmpty()) {
                node.set("values", ValueJson.CARRIED.write(target.values()));
            }
        }
    };

    /** {@code "turn"}: next, previous, or a page’s number. */
    static final Part<PageTurn> TURN = new Part<>() {
        @Override
        public List<String> names() {
            return List.of("turn");
        }

        @Override
        public PageTurn read(Fields in) throws Unreadable {
            if (in.plain("turn").isNumber()) {
                return new PageTurn.To(in.whole("turn", 1, MOST_PAGES));
            }
            return switch (in.text("turn")) {
                case "next" -> new PageTurn.Next();
                case "previous" -> new PageTurn.Previous();
                default -> throw new Unreadable("In " + in.where() + ": “turn” is next, previous or a page’s number.");
            };
        }

        @Override
        public void write(PageTurn turn, ObjectNode node) {
            if (turn instanceof PageTurn.To to) {
                node.put("turn", to.number());
            } else {
                node.put("turn", turn.word());
            }
        }
    };

    private TargetJson() {}

    private static Target target(Fields in, Map<String, Source> values) throws Unreadable {
        if (in.has("tabs")) {
            return new Target.ToTabs(in.text("tabs"), in.optionalText("tab"), values);
        }
        return in.has("sequence")
                ? new Target.ToSequence(
                        in.text("sequence"),
                        in.has("page") ? Optional.of(in.whole("page", 1, MOST_PAGES)) : Optional.empty(),
                        values)
                : new Target.ToScreen(in.text("screen"), values);
    }

    private static void put(Target target, ObjectNode node) {
        switch (target) {
            case Target.ToScreen to -> node.put("screen", to.id());
            case Target.ToTabs to -> {
                node.put("tabs", to.id());
                to.tab().ifPresent(tab -> node.put("tab", tab));
            }
            case Target.ToSequence to -> {
                node.put("sequence", to.id());
                to.page().ifPresent(page -> node.put("page", page));
            }
        }
    }
}
