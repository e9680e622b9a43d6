package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.InTab;
import pandel.core.model.start.Spot;
import pandel.core.model.value.PlaceMemory;
import pandel.files.Unreadable;

/** Places with what they remember, as files and play hold them. */
final class SpotJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private SpotJson() {}

    /** The levels of a start point: a screen’s id, or an object with what it was given and has typed in it. */
    static List<List<Spot>> spots(Fields f, String name) throws Unreadable {
        List<List<Spot>> levels = new ArrayList<>();
        for (JsonNode level : f.items(name)) {
            List<Spot> spots = new ArrayList<>();
            for (JsonNode node : level) {
                if (node.isTextual()) {
                    spots.add(Spot.of(node.textValue()));
                } else {
                    Fields s = Fields.of(node, f.where() + ", level " + (levels.size() + 1));
                    spots.add(new Spot(
                            s.text("screen"), held(s), at(s), s.has("inside") ? s.whole("inside", 0, 2) : 0, roots(s)));
                }
            }
            levels.add(spots);
        }
        return levels;
    }

    static JsonNode spot(Spot spot) {
        if (spot.equals(Spot.of(spot.screen()))) {
            return NODES.textNode(spot.screen());
        }
        ObjectNode node = at(held(NODES.objectNode().put("screen", spot.screen()), spot.held()), spot.at());
        roots(node, spot.inside(), spot.tabs());
        return node;
    }

    static PlaceMemory held(Fields f) throws Unreadable {
        Optional<Fields> given = f.object("given");
        Optional<Fields> typed = f.object("typed");
        return PlaceMemory.of(
                given.isEmpty() ? Map.of() : ValueJson.values(given.get()),
                typed.isEmpty() ? Map.of() : ValueJson.values(typed.get()));
    }

    static ObjectNode held(ObjectNode node, PlaceMemory held) {
        if (!held.given().isEmpty()) {
            node.set("given", ValueJson.values(held.given()));
        }
        if (!held.typed().isEmpty()) {
            node.set("typed", ValueJson.values(held.typed()));
        }
        return node;
    }

    /** Where a sequence stands of which a place shows a page. */
    static Optional<AtPage> at(Fields f) throws Unreadable {
        if (!f.has("sequence")) {
            return Optional.empty();
        }
        Optional<Fields> offered = f.object("offered");
        return Optional.of(new AtPage(
                f.text("sequence"),
                f.whole("page", 1, TargetJson.MOST_PAGES),
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

    /** The tabs that a place is the root of, the outermost first. */
    static List<InTab> roots(Fields f) throws Unreadable {
        List<InTab> roots = new ArrayList<>();
        for (JsonNode node : f.items("rootOf")) {
            Fields r = Fields.of(node, f.where());
            Optional<Fields> offered = r.object("offered");
            roots.add(new InTab(
                    r.text("tabs"), r.text("tab"), offered.isEmpty() ? Map.of() : ValueJson.values(offered.get())));
        }
        return roots;
    }

    static void roots(ObjectNode node, int inside, List<InTab> roots) {
        if (inside > 0) {
            node.put("inside", inside);
        }
        if (!roots.isEmpty()) {
            ArrayNode all = node.putArray("rootOf");
            roots.forEach(r -> {
                ObjectNode one = all.addObject().put("tabs", r.set()).put("tab", r.tab());
                if (!r.offered().isEmpty()) {
                    one.set("offered", ValueJson.values(r.offered()));
                }
            });
        }
    }
}
