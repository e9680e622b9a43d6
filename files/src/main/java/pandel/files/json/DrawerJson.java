package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Drawer.Panel;
import pandel.core.model.link.Branch;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Picture;
import pandel.files.Unreadable;

/** Drawers, as the file holds them. */
final class DrawerJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int WIDEST = 100_000;

    private DrawerJson() {}

    static Drawer drawer(Fields f, Ids ids) throws Unreadable {
        String id = ids.claim(f, f.text("id"));
        List<Drawer.Item> items = new ArrayList<>();
        for (JsonNode node : f.items("items")) {
            items.add(item(Fields.of(node, f.where() + ", item " + (items.size() + 1)), ids));
        }
        Optional<Fields> look = f.object("panel");
        Panel panel = look.isEmpty() ? Panel.USUAL : panel(look.get());
        Optional<Fields> shown = f.object("picture");
        Optional<Picture> picture = shown.isEmpty() ? Optional.empty() : Optional.of(MockJson.picture(shown.get()));
        Optional<Fields> on = f.object("on");
        Drawer.Attached attached = on.isEmpty()
                ? Drawer.Attached.to(List.of())
                : new Drawer.Attached(
                        on.get().flag("all"),
                        new LinkedHashSet<>(on.get().texts("screens")),
                        new LinkedHashSet<>(on.get().texts("tabSets")));
        return new Drawer(
                id,
                f.optionalText("title").orElse(""),
                f.optionalText("head").orElse(""),
                picture,
                panel,
                !f.has("outside") || f.flag("outside"),
                items,
                attached,
                f.rest());
    }

    private static Drawer.Item item(Fields f, Ids ids) throws Unreadable {
        Optional<Fields> does = f.object("does");
        Branch branch = does.isEmpty() ? Branch.of(List.of()) : LinkJson.branch(does.get());
        if (branch.outcome().isPresent()) {
            throw new Unreadable("In " + f.where() + ": an item has one branch, which has no outcome.");
        }
        return new Drawer.Item(
                ids.claim(f, f.text("id")),
                f.optionalText("label").orElse(""),
                f.optionalText("sign").orElse(""),
                f.optionalText("section").orElse(""),
                f.flag("held"),
                branch);
    }

    private static Panel panel(Fields f) throws Unreadable {
        Panel usual = Panel.USUAL;
        PanelSide side =
                f.optionalWord("side", PanelSide.values(), PanelSide::word).orElse(usual.side());
        Drawer.Moves moves = f.optionalWord("motion", Drawer.Moves.values(), Drawer.Moves::word)
                .orElse(usual.moves());
        double width = f.optionalNumber("width").orElse(usual.width());
        int from = f.has("from") ? f.whole("from", 1, WIDEST) : usual.from();
        int shade = f.has("shade") ? f.whole("shade", 0, 100) : usual.shade();
        int reach = f.has("reach") ? f.whole("reach", 0, WIDEST) : usual.reach();
        int shrinks = f.has("shrinks") ? f.whole("shrinks", Panel.LEAST_SHRUNK, 100) : usual.shrinks();
        String ground = f.optionalText("ground").orElse(usual.ground());
        String ink = f.optionalText("ink").orElse(usual.ink());
        String chosen = f.optionalText("chosen").orElse(usual.chosen());
        return f.made(() -> new Panel(side, moves, width, from, shade, reach, shrinks, ground, ink, chosen));
    }

    static ObjectNode drawer(Drawer d) {
        ObjectNode node = NODES.objectNode().put("id", d.id()).put("title", d.title());
        text(node, "head", d.head());
        d.picture().ifPresent(p -> node.set("picture", MockJson.mock(p)));
        if (!d.panel().equals(Panel.USUAL)) {
            Panel p = d.panel();
            node.putObject("panel")
                    .put("side", p.side().word())
                    .put("motion", p.moves().word())
                    .put("width", p.width())
                    .put("from", p.from())
                    .put("shade", p.shade())
                    .put("reach", p.reach())
                    .put("shrinks", p.shrinks())
                    .put("ground", p.ground())
                    .put("ink", p.ink())
                    .put("chosen", p.chosen());
        }
        if (!d.outside()) {
            node.put("outside", false);
        }
        ArrayNode items = node.putArray("items");
        d.items().forEach(i -> {
            ObjectNode item = items.addObject().put("id", i.id()).put("label", i.label());
            text(item, "sign", i.sign());
            text(item, "section", i.section());
            if (i.held()) {
                item.put("held", true);
            }
            if (!i.does().equals(Branch.of(List.of()))) {
                item.set("does", LinkJson.branch(i.does()));
            }
        });
        ObjectNode on = node.putObject("on");
        if (d.on().all()) {
            on.put("all", true);
        }
        if (!d.on().screens().isEmpty()) {
            d.on().screens().forEach(on.putArray("screens")::add);
        }
        if (!d.on().tabSets().isEmpty()) {
            d.on().tabSets().forEach(on.putArray("tabSets")::add);
        }
        return Json.with(node, d.rest());
    }

    private static void text(ObjectNode node, String name, String words) {
        if (!words.isEmpty()) {
            node.put(name, words);
        }
    }
}
