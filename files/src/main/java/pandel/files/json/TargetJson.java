package pandel.files.json;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.value.Source;
import pandel.files.Unreadable;

/** What verbs lead and turn to, as the file holds it. */
final class TargetJson {

    /** Pages that a sequence can have at most. */
    static final int MOST_PAGES = 10_000;

    private TargetJson() {}

    /** {@code "screen": id}, or {@code "sequence": id} and perhaps {@code "page": n}. */
    static Target target(Fields f, Map<String, Source> values) throws Unreadable {
        return f.has("tabs")
                ? new Target.ToTabs(f.text("tabs"), f.optionalText("tab"), values)
                : f.has("sequence")
                        ? new Target.ToSequence(
                                f.text("sequence"),
                                f.has("page") ? Optional.of(f.whole("page", 1, MOST_PAGES)) : Optional.empty(),
                                values)
                        : new Target.ToScreen(f.text("screen"), values);
    }

    static ObjectNode target(ObjectNode node, Target target) {
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
        return node;
    }

    /** {@code "turn"}: next, previous, or a page’s number. */
    static PageTurn turn(Fields f) throws Unreadable {
        if (f.plain("turn").isNumber()) {
            return new PageTurn.To(f.whole("turn", 1, MOST_PAGES));
        }
        return switch (f.text("turn")) {
            case "next" -> new PageTurn.Next();
            case "previous" -> new PageTurn.Previous();
            default -> throw new Unreadable("In " + f.where() + ": “turn” is next, previous or a page’s number.");
        };
    }

    static ObjectNode turn(ObjectNode node, PageTurn turn) {
        return turn instanceof PageTurn.To to ? node.put("turn", to.number()) : node.put("turn", turn.word());
    }
}
