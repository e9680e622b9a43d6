package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.files.Unreadable;

/** Tab sets, and which tabs a place is the root of, as the file holds them. */
final class TabsJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private TabsJson() {}

    static TabSet set(Fields f, Ids ids, LinkJson links) throws Unreadable {
        String id = ids.claim(f, f.text("id"));
        List<TabSet.Tab> tabs = new ArrayList<>();
        for (JsonNode node : f.items("tabs")) {
            Fields t = Fields.of(node, f.where() + ", tab " + (tabs.size() + 1));
            Optional<Fields> values = t.object("values");
            tabs.add(new TabSet.Tab(
                    ids.claim(t, t.text("id")),
                    t.optionalText("label").orElse(""),
                    t.optionalText("sign").orElse(""),
                    TargetJson.target(t, ValueJson.carried(values))));
        }
        Optional<Fields> look = f.object("strip");
        TabSet.Strip strip = look.isEmpty() ? TabSet.Strip.USUAL : strip(look.get());
        String title = f.optionalText("title").orElse("");
        String first = f.optionalText("first").orElse("");
        List<String> hidden = f.texts("hiddenOn");
        boolean keeps = !f.has("keeps") || f.flag("keeps");
        boolean backs = !f.has("backs") || f.flag("backs");
        boolean swipes = f.flag("swipes");
        Optional<Fields> floating = f.object("button");
        Optional<TabSet.Floating> button =
                floating.isEmpty() ? Optional.empty() : Optional.of(floating(floating.get(), links));
        return f.made(() -> new TabSet(
                id, title, tabs, first, keeps, backs, swipes, strip, new LinkedHashSet<>(hidden), button, f.rest()));
    }

    private static TabSet.Floating floating(Fields f, LinkJson links) throws Unreadable {
        Set<TabSet.Side> absent = new LinkedHashSet<>();
        for (String word : f.texts("absent")) {
            absent.add(f.find("look", word, TabSet.Side.values(), TabSet.Side::word));
        }
        Fields link = f.object("link").orElseThrow(() -> new Unreadable("In " + f.where() + ": “link” is missing."));
        return new TabSet.Floating(
                links.link(link, new Cause.Touch(Gesture.TAP)),
                f.optionalText("sign").orElse(""),
                absent);
    }

    private static TabSet.Strip strip(Fields f) throws Unreadable {
        TabSet.Strip usual = TabSet.Strip.USUAL;
        TabSet.Edge edge =
                f.optionalWord("edge", TabSet.Edge.values(), TabSet.Edge::word).orElse(usual.edge());
        TabSet.Labels labels = f.optionalWord("labels", TabSet.Labels.values(), TabSet.Labels::word)
                .orElse(usual.labels());
        String ground = f.optionalText("ground").orElse(usual.ground());
        String ink = f.optionalText("ink").orElse(usual.ink());
        String chosen = f.optionalText("chosen").orElse(usual.chosen());
        Map<Width, TabSet.Side> looks = new EnumMap<>(Width.class);
        Optional<Fields> on = f.object("looks");
        for (String name : on.map(Fields::names).orElse(List.of())) {
            looks.put(
                    on.get().find("width", name, Width.values(), Width::word),
                    on.get().word(name, TabSet.Side.values(), TabSet.Side::word));
        }
        return f.made(() -> new TabSet.Strip(edge, labels, looks, ground, ink, chosen));
    }

    static ObjectNode set(TabSet s) {
        ObjectNode node = NODES.objectNode().put("id", s.id()).put("title", s.title());
        ArrayNode tabs = node.putArray("tabs");
        s.tabs().forEach(t -> {
            ObjectNode one = tabs.addObject().put("id", t.id()).put("label", t.label());
            if (!t.sign().isEmpty()) {
                one.put("sign", t.sign());
            }
            TargetJson.target(one, t.root());
            if (!t.root().values().isEmpty()) {
                one.set("values", ValueJson.carried(t.root().values()));
            }
        });
        if (!s.first().isEmpty()) {
            node.put("first", s.first());
        }
        if (!s.keeps()) {
            node.put("keeps", false);
        }
        if (!s.backs()) {
            node.put("backs", false);
        }
        if (s.swipes()) {
            node.put("swipes", true);
        }
        if (!s.strip().equals(TabSet.Strip.USUAL)) {
            ObjectNode strip = node.putObject("strip");
            if (!s.strip().looks().isEmpty()) {
                ObjectNode looks = strip.putObject("looks");
                s.strip().looks().forEach((width, look) -> looks.put(width.word(), look.word()));
            }
            strip.put("edge", s.strip().edge().word())
                    .put("labels", s.strip().labels().word())
                    .put("ground", s.strip().ground())
                    .put("ink", s.strip().ink())
                    .put("chosen", s.strip().chosen());
        }
        if (!s.hiddenOn().isEmpty()) {
            s.hiddenOn().forEach(node.putArray("hiddenOn")::add);
        }
        s.button().ifPresent(b -> {
            ObjectNode button = node.putObject("button").put("sign", b.sign());
            if (!b.absent().isEmpty()) {
                b.absent().forEach(look -> button.withArray("absent").add(look.word()));
            }
            button.set("link", LinkJson.withoutCause(b.link()));
        });
        return Json.with(node, s.rest());
    }
}
