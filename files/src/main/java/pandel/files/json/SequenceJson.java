package pandel.files.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.files.Unreadable;

/** Sequences, what leads to them and what turns their pages, as the file holds them. */
final class SequenceJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private SequenceJson() {}

    static Sequence sequence(Fields f, String id, LinkJson links) throws Unreadable {
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
        s.finish().ifPresent(l -> node.set("finish", LinkJson.withoutCause(l)));
        s.skip().ifPresent(l -> node.set("skip", LinkJson.withoutCause(l)));
        return Json.with(node, s.rest());
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
}
