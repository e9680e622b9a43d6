package pandel.files.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Walk;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;

/** What the checks say, as JSON: {@code docs/check.schema.json}. */
public final class CheckJson {

    private CheckJson() {}

    public static ObjectNode checked(Checked checked) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("format", "pandel-check/1")
                .put("title", checked.prototype().title());
        node.putObject("screens")
                .put("all", checked.prototype().screens().size())
                .put("shown", checked.shown().size());
        node.putObject("links")
                .put("all", checked.prototype().index().ways().size())
                .put(
                        "firing",
                        checked.prototype().index().ways().stream()
                                .filter(w -> checked.fires(w.link().id()))
                                .count());
        ArrayNode steps = node.putArray("steps");
        for (Screen screen : checked.prototype().screens()) {
            checked.stepsTo(screen.id())
                    .ifPresent(n -> steps.addObject().put("screen", screen.id()).put("fewest", n));
        }
        ArrayNode findings = node.putArray("findings");
        checked.findings().forEach(f -> findings.add(finding(f)));
        ArrayNode unsettled = node.putArray("unsettled");
        checked.unsettled()
                .forEach(u -> unsettled
                        .addObject()
                        .put("rule", u.rule().id())
                        .put("subject", u.subject())
                        .put("sentence", u.sentence()));
        return node;
    }

    private static ObjectNode finding(Finding f) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("rule", f.rule().id())
                .put("level", f.weight().word())
                .put("sentence", f.sentence())
                .put("why", f.rule().why());
        ArrayNode screens = node.putArray("screens");
        f.screens().forEach(screens::add);
        f.hotspot().ifPresent(h -> node.put("hotspot", h));
        f.link().ifPresent(l -> node.put("link", l));
        f.walk().ifPresent(w -> node.set("walk", walk(w)));
        return node;
    }

    private static ObjectNode walk(Walk walk) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("device", walk.device().id())
                .put("entry", walk.entry().id());
        if (walk.entry() instanceof Entry entry && !entry.values().isEmpty()) {
            entry.filledAddress().ifPresent(a -> node.put("address", a));
        }
        node.set("events", PlayJson.list(walk.events()));
        return node;
    }
}
