package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.screen.State;
import pandel.core.model.screen.Status;
import pandel.files.Unreadable;

/** Screens and what stands on them, as the file holds them. */
final class ScreenJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private final Ids ids;
    private final LinkJson links;

    ScreenJson(Ids ids) {
        this.ids = ids;
        this.links = new LinkJson(ids);
    }

    Screen screen(Fields f) throws Unreadable {
        String id = ids.claim(f, f.text("id"));
        String where = "screen “" + id + "”";
        List<Mock> mocks = mocks(f, where);
        List<State> states = new ArrayList<>();
        for (JsonNode node : f.items("states")) {
            Fields s = Fields.of(node, where + ", state " + (states.size() + 1));
            states.add(state(s, where));
        }
        List<Hotspot> hotspots = new ArrayList<>();
        for (JsonNode node : f.items("hotspots")) {
            hotspots.add(hotspot(Fields.of(node, where + ", hotspot " + (hotspots.size() + 1))));
        }
        Optional<Set<Closer>> closedBy = Optional.empty();
        if (f.has("closedBy")) {
            Set<Closer> closers = EnumSet.noneOf(Closer.class);
            for (String word : f.texts("closedBy")) {
                closers.add(f.find("closer", word, Closer.values(), Closer::word));
            }
            closedBy = Optional.of(closers);
        }
        return new Screen(
                id,
                f.optionalText("title").orElse(""),
                f.optionalWord("form", Form.values(), Form::word).orElse(Form.PAGE),
                f.optionalWord("status", Status.values(), Status::word).orElse(Status.DRAFT),
                f.optionalText("section").orElse(""),
                f.flag("end"),
                f.flag("home"),
                closedBy,
                overlay(f),
                ValueJson.expected(f),
                mocks,
                states,
                hotspots,
                links.links(f, where),
                f.rest());
    }

    private static Overlay overlay(Fields screen) throws Unreadable {
        Optional<Fields> f = screen.object("overlay");
        if (f.isEmpty()) {
            return Overlay.USUAL;
        }
        int share = f.get().has("share") ? f.get().whole("share", 0, 100) : 0;
        int stop = f.get().has("stop") ? f.get().whole("stop", 0, 100) : 0;
        int shade = f.get().has("shade") ? f.get().whole("shade", 0, 100) : Overlay.USUAL.shade();
        PanelSide side = f.get()
                .optionalWord("side", PanelSide.values(), PanelSide::word)
                .orElse(Overlay.USUAL.side());
        return f.get().made(() -> new Overlay(share, stop, side, shade));
    }

    private State state(Fields s, String where) throws Unreadable {
        String id = ids.claim(s, s.text("id"));
        Map<String, Map<Width, Area>> moves = new LinkedHashMap<>();
        Optional<Fields> moved = s.object("moves");
        for (String hotspot : moved.map(Fields::names).orElse(List.of())) {
            moves.put(hotspot, areas(moved.get().object(hotspot)));
        }
        return new State(
                id,
                s.optionalText("title").orElse(""),
                FactJson.conditions(s),
                mocks(s, where),
                new LinkedHashSet<>(s.texts("hides")),
                moves,
                s.rest());
    }

    private static Map<Width, Area> areas(Optional<Fields> placed) throws Unreadable {
        Map<Width, Area> areas = new EnumMap<>(Width.class);
        for (String name : placed.map(Fields::names).orElse(List.of())) {
            Width width = placed.get().find("width", name, Width.values(), Width::word);
            double[] n = placed.get().numbers(name, 4);
            areas.put(width, placed.get().made(() -> new Area(n[0], n[1], n[2], n[3])));
        }
        return areas;
    }

    private List<Mock> mocks(Fields f, String where) throws Unreadable {
        List<Mock> mocks = new ArrayList<>();
        for (JsonNode node : f.items("mocks")) {
            mocks.add(MockJson.picture(Fields.of(node, where + ", mock " + (mocks.size() + 1))));
        }
        return mocks;
    }

    Hotspot hotspot(Fields f) throws Unreadable {
        String id = ids.claim(f, f.text("id"));
        Map<Width, Area> areas = areas(f.object("areas"));
        return new Hotspot(
                id,
                f.optionalText("title").orElse(""),
                areas,
                links.links(f, "hotspot “" + id + "”"),
                ValueJson.nature(f),
                f.rest());
    }

    static ObjectNode screen(Screen s) {
        ObjectNode node = NODES.objectNode()
                .put("id", s.id())
                .put("title", s.title())
                .put("form", s.form().word())
                .put("status", s.status().word());
        if (!s.section().isEmpty()) {
            node.put("section", s.section());
        }
        if (s.end()) {
            node.put("end", true);
        }
        if (s.home()) {
            node.put("home", true);
        }
        s.closedBy().ifPresent(closers -> {
            ArrayNode words = node.putArray("closedBy");
            closers.stream().sorted().forEach(c -> words.add(c.word()));
        });
        if (!s.overlay().equals(Overlay.USUAL)) {
            node.putObject("overlay")
                    .put("share", s.overlay().share())
                    .put("stop", s.overlay().stop())
                    .put("side", s.overlay().side().word())
                    .put("shade", s.overlay().shade());
        }
        Json.list(node, "expects", s.expects(), ValueJson::expected);
        Json.list(node, "mocks", s.mocks(), MockJson::mock);
        Json.list(node, "states", s.states(), ScreenJson::state);
        Json.list(node, "hotspots", s.hotspots(), ScreenJson::hotspot);
        Json.list(node, "links", s.links(), LinkJson::link);
        return Json.with(node, s.rest());
    }

    private static ObjectNode state(State s) {
        ObjectNode node = NODES.objectNode().put("id", s.id()).put("title", s.title());
        Json.list(node, "when", s.conditions(), FactJson::condition);
        Json.list(node, "mocks", s.mocks(), MockJson::mock);
        if (!s.hides().isEmpty()) {
            ArrayNode hides = node.putArray("hides");
            s.hides().forEach(hides::add);
        }
        if (!s.moves().isEmpty()) {
            ObjectNode moves = node.putObject("moves");
            s.moves().forEach((hotspot, areas) -> {
                ObjectNode placed = moves.putObject(hotspot);
                areas.forEach((width, area) -> placed.set(width.word(), area(area)));
            });
        }
        return Json.with(node, s.rest());
    }

    static ObjectNode shared(SharedHotspot s) {
        ObjectNode node = NODES.objectNode();
        node.set("hotspot", hotspot(s.hotspot()));
        ArrayNode screens = node.putArray("screens");
        s.screens().forEach(screens::add);
        return Json.with(node, s.rest());
    }

    private static ObjectNode hotspot(Hotspot h) {
        ObjectNode node = NODES.objectNode().put("id", h.id()).put("title", h.title());
        ObjectNode areas = node.putObject("areas");
        h.areas().forEach((width, area) -> areas.set(width.word(), area(area)));
        ValueJson.nature(node, h.nature());
        Json.list(node, "links", h.links(), LinkJson::link);
        return Json.with(node, h.rest());
    }

    private static ArrayNode area(Area a) {
        return NODES.arrayNode().add(a.x()).add(a.y()).add(a.width()).add(a.height());
    }
}
