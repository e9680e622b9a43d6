package pandel.files.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.value.Source;
import pandel.files.Unreadable;

/** Sequences, what leads to them and what turns their pages, as the file holds them. */
final class SequenceJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int MOST_PAGES = 10_000;

    private SequenceJson() {}

    static Sequence sequence(Fields f, String id, ScreenReader links) throws Unreadable {
        String title = f.optionalText("title").orElse("");
        List<String> pages = f.texts("pages");
        boolean swipes = !f.has("swipes") || f.flag("swipes");
        boolean backs = !f.has("backs") || f.flag("backs");
        Optional<Fields> laid = f.object("laid");
        Sequence.Laid over = laid.isEmpty() ? Sequence.Laid.NOTHING : laid(laid.get());
        Optional<Fields> finish = f.object("finish");
        Optional<Link> last =
                finish.isEmpty() ? Optional.empty() : Optional.of(links.link(finish.get(), new Cause.Finish()));
        Optional<Fields> skip = f.object("skip");
        Optional<Link> skipping =
                skip.isEmpty() ? Optional.empty() : Optional.of(links.link(skip.get(), new Cause.Skip()));
        return f.made(() -> new Sequence(id, title, pages, swipes, backs, over, last, skipping, f.rest()));
    }

    private static Sequence.Laid laid(Fields f) throws Unreadable {
        boolean dots = f.flag("dots");
        String previous = f.optionalText("previous").orElse("");
        String next = f.optionalText("next").orElse("");
        String last = f.optionalText("last").orElse("");
        String skip = f.optionalText("skip").orElse("");
        String ink = f.optionalText("ink").orElse(Sequence.Laid.NOTHING.ink());
        return f.made(() -> new Sequence.Laid(dots, previous, next, last, skip, ink));
    }

    static ObjectNode sequence(Sequence s) {
        ObjectNode node = NODES.objectNode().put("id", s.id()).put("title", s.title());
        s.pages().forEach(node.putArray("pages")::add);
        if (!s.swipes()) {
            node.put("swipes", false);
        }
        if (!s.backs()) {
            node.put("backs", false);
        }
        if (!s.laid().equals(Sequence.Laid.NOTHING)) {
            node.set("laid", laid(s.laid()));
        }
        s.finish().ifPresent(l -> node.set("finish", PrototypeWriter.withoutCause(l)));
        s.skip().ifPresent(l -> node.set("skip", PrototypeWriter.withoutCause(l)));
        return PrototypeWriter.with(node, s.rest());
    }

    private static ObjectNode laid(Sequence.Laid laid) {
        ObjectNode node = NODES.objectNode();
        if (laid.dots()) {
            node.put("dots", true);
        }
        Map<String, String> words = new LinkedHashMap<>();
        words.put("previous", laid.previous());
        words.put("next", laid.next());
        words.put("last", laid.last());
        words.put("skip", laid.skip());
        words.forEach((name, word) -> {
            if (!word.isEmpty()) {
                node.put(name, word);
            }
        });
        return node.put("ink", laid.ink());
    }

    /** {@code "screen": id}, or {@code "sequence": id} and perhaps {@code "page": n}. */
    static Target target(Fields f, Map<String, Source> values) throws Unreadable {
        return TabsJson.leads(f)
                ? TabsJson.target(f, values)
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

    /** Where a sequence stands of which a place shows a page. */
    static Optional<AtPage> at(Fields f) throws Unreadable {
        if (!f.has("sequence")) {
            return Optional.empty();
        }
        Optional<Fields> offered = f.object("offered");
        return Optional.of(new AtPage(
                f.text("sequence"),
                f.whole("page", 1, MOST_PAGES),
                offered.isEmpty() ? Map.of() : ValueJson.values(offered.get())));
    }

    static ObjectNode at(ObjectNode node, Optional<AtPage> at) {
        at.ifPresent(a -> {
            node.put("sequence", a.sequence()).put("page", a.page());
            if (!a.offered().isEmpty()) {
                node.set("offered", ValueJson.values(a.offered()));
            }
        });
        return node;
    }
}
