package pandel.files.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.device.Device;
import pandel.core.model.device.Widths;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.screen.State;
import pandel.core.model.start.Entry;
import pandel.core.model.start.StartPoint;

/** Writes {@code prototype.json}: always the same order of fields; what is usual is left out. */
public final class PrototypeWriter {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private PrototypeWriter() {}

    /** The whole text of {@code prototype.json}. */
    public static String text(Prototype prototype) {
        return Json.text(InnerRest.woven(prototype(prototype), prototype.rest().inner()));
    }

    /** Without what stands in parts that carry no unknown fields themselves. */
    static ObjectNode prototype(Prototype p) {
        ObjectNode node =
                NODES.objectNode().put("format", PrototypeReader.FORMAT).put("title", p.title());
        list(node, "devices", p.devices(), PrototypeWriter::device);
        list(node, "entries", p.entries(), PrototypeWriter::entry);
        list(node, "facts", p.facts(), f -> with(FactJson.fact(f), f.rest()));
        list(node, "startPoints", p.startPoints(), PrototypeWriter::startPoint);
        list(
                node,
                "versions",
                p.versions(),
                v -> NODES.objectNode()
                        .put("id", v.id())
                        .put("title", v.title())
                        .put("made", v.made()));
        if (!p.widths().equals(Widths.USUAL)) {
            node.putObject("widths")
                    .put("medium", p.widths().medium())
                    .put("wide", p.widths().wide());
        }
        if (!p.motions().isEmpty()) {
            ObjectNode motions = node.putObject("motions");
            p.motions().forEach((verb, motion) -> motions.set(verb.word(), motion(motion)));
        }
        list(node, "screens", p.screens(), PrototypeWriter::screen);
        list(node, "shared", p.shared(), PrototypeWriter::shared);
        list(node, "sequences", p.sequences(), SequenceJson::sequence);
        list(node, "tabSets", p.tabSets(), TabsJson::set);
        list(node, "drawers", p.drawers(), DrawerJson::drawer);
        list(node, "pairs", p.pairs(), PairJson::pair);
        list(node, "journeys", p.journeys(), PrototypeWriter::journey);
        list(
                node,
                "accepted",
                p.judgements().accepted(),
                a -> with(
                        NODES.objectNode()
                                .put("rule", a.rule())
                                .put("ground", a.ground())
                                .put("reason", a.reason()),
                        a.rest()));
        list(node, "quiet", p.judgements().quiet(), q -> {
            ObjectNode one = NODES.objectNode().put("rule", q.rule());
            q.section().ifPresent(s -> one.put("section", s));
            q.screen().ifPresent(s -> one.put("screen", s));
            return with(one, q.rest());
        });
        return with(node, p.rest());
    }

    /** The texts of the kept versions, by id, that stand apart. */
    public static Map<String, String> versions(Prototype prototype) {
        Map<String, String> texts = new LinkedHashMap<>();
        for (Version version : prototype.versions()) {
            switch (version.content()) {
                case Version.Content.Kept kept -> texts.put(version.id(), text(kept.prototype()));
                case Version.Content.Unread unread -> {
                    if (!unread.text().isEmpty()) {
                        texts.put(version.id(), unread.text());
                    }
                }
            }
        }
        return texts;
    }

    private static ObjectNode startPoint(StartPoint s) {
        ObjectNode node = NODES.objectNode().put("id", s.id()).put("title", s.title());
        ArrayNode levels = node.putArray("levels");
        s.levels().forEach(level -> {
            ArrayNode screens = levels.addArray();
            level.forEach(spot -> screens.add(ValueJson.spot(spot)));
        });
        if (!s.facts().set().isEmpty()) {
            node.set("facts", FactJson.facts(s.facts()));
        }
        return with(node, s.rest());
    }

    private static ObjectNode journey(Journey j) {
        ObjectNode node = NODES.objectNode()
                .put("id", j.id())
                .put("title", j.title())
                .put("purpose", j.purpose())
                .put("device", j.device())
                .put("entry", j.entry());
        list(node, "legs", j.legs(), leg -> PlayJson.event(leg.event()).put("shown", leg.shown()));
        j.end().ifPresent(e -> node.put("end", e));
        return with(node, j.rest());
    }

    private static ObjectNode device(Device d) {
        ObjectNode node = NODES.objectNode()
                .put("id", d.id())
                .put("title", d.title())
                .put("width", d.width())
                .put("height", d.height())
                .put("scale", d.scale())
                .put("back", d.back().word())
                .put("pointing", d.pointing().word());
        if (d.levels() > 0) {
            node.put("levels", d.levels());
        }
        if (!d.cannot().isEmpty()) {
            d.cannot().forEach(c -> node.withArray("cannot").add(c.word()));
        }
        return with(node, d.rest());
    }

    private static ObjectNode entry(Entry e) {
        ObjectNode node = SequenceJson.target(NODES.objectNode().put("id", e.id()), e.target());
        e.address().ifPresent(a -> node.put("address", a));
        if (!e.values().isEmpty()) {
            node.set("values", ValueJson.values(e.values()));
        }
        return with(node, e.rest());
    }

    private static ObjectNode screen(Screen s) {
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
        list(node, "expects", s.expects(), ValueJson::expected);
        list(node, "mocks", s.mocks(), PrototypeWriter::mock);
        list(node, "states", s.states(), PrototypeWriter::state);
        list(node, "hotspots", s.hotspots(), PrototypeWriter::hotspot);
        list(node, "links", s.links(), PrototypeWriter::link);
        return with(node, s.rest());
    }

    private static ObjectNode state(State s) {
        ObjectNode node = NODES.objectNode().put("id", s.id()).put("title", s.title());
        list(node, "when", s.conditions(), FactJson::condition);
        list(node, "mocks", s.mocks(), PrototypeWriter::mock);
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
        return with(node, s.rest());
    }

    static ObjectNode mock(Mock mock) {
        return switch (mock) {
            case Picture p -> {
                ObjectNode node = NODES.objectNode().put("on", p.on().word()).put("picture", p.content());
                node.putArray("pixels").add(p.pixelWidth()).add(p.pixelHeight());
                node.put("scale", p.scale()).put("source", p.source());
                if (p.fixedTop() > 0) {
                    node.put("fixedTop", p.fixedTop());
                }
                if (p.fixedBottom() > 0) {
                    node.put("fixedBottom", p.fixedBottom());
                }
                list(node, "patches", p.patches(), ValueJson::patch);
                yield with(node, p.rest());
            }
        };
    }

    private static ObjectNode shared(SharedHotspot s) {
        ObjectNode node = NODES.objectNode();
        node.set("hotspot", hotspot(s.hotspot()));
        ArrayNode screens = node.putArray("screens");
        s.screens().forEach(screens::add);
        return with(node, s.rest());
    }

    private static ObjectNode hotspot(Hotspot h) {
        ObjectNode node = NODES.objectNode().put("id", h.id()).put("title", h.title());
        ObjectNode areas = node.putObject("areas");
        h.areas().forEach((width, area) -> areas.set(width.word(), area(area)));
        ValueJson.nature(node, h.nature());
        list(node, "links", h.links(), PrototypeWriter::link);
        return with(node, h.rest());
    }

    private static ArrayNode area(Area a) {
        return NODES.arrayNode().add(a.x()).add(a.y()).add(a.width()).add(a.height());
    }

    private static ObjectNode link(Link l) {
        ObjectNode node = NODES.objectNode().put("id", l.id());
        ObjectNode cause = node.putObject("cause");
        switch (l.cause()) {
            case Cause.Touch touch -> {
                cause.put("gesture", touch.gesture().word());
                if (!touch.key().isEmpty()) {
                    cause.put("key", touch.key());
                }
            }
            case Cause.Submit submit -> cause.put("submit", true);
            case Cause.Wait wait -> cause.put("wait", wait.ms());
            case Cause.Untouched untouched -> cause.put("untouched", untouched.ms());
            case Cause.Work work -> cause.put("work", true);
            case Cause.Back back -> cause.put("deviceBack", true);
            case Cause.Tab t -> throw new IllegalArgumentException("Tabs are not in the file as links");
            case Cause.Item i -> throw new IllegalArgumentException("Items are not in the file as links");
            case Cause.Turn t -> throw new IllegalArgumentException("Turns are not in the file");
            case Cause.Finish f -> throw new IllegalArgumentException("Where it stands says its cause");
            case Cause.Skip s -> throw new IllegalArgumentException("Where it stands says its cause");
        }
        return rest(node, l);
    }

    /** A link whose cause is said by where it stands. */
    static ObjectNode withoutCause(Link l) {
        return rest(NODES.objectNode().put("id", l.id()), l);
    }

    private static ObjectNode rest(ObjectNode node, Link l) {
        list(node, "branches", l.branches(), PrototypeWriter::branch);
        l.always().ifPresent(a -> node.put("always", a));
        return with(node, l.rest());
    }

    static ObjectNode branch(Branch b) {
        ObjectNode node = NODES.objectNode();
        list(node, "when", b.when(), FactJson::condition);
        b.outcome().ifPresent(o -> node.put("outcome", o));
        list(node, "effects", b.effects(), PrototypeWriter::effect);
        b.where().ifPresent(w -> node.put("where", w.word()));
        b.motion().ifPresent(m -> node.set("motion", motion(m)));
        return with(node, b.rest());
    }

    private static ObjectNode effect(Effect e) {
        ObjectNode node = NODES.objectNode().put("verb", e.verb().word());
        e.target().ifPresent(t -> {
            SequenceJson.target(node, t);
            if (!t.values().isEmpty()) {
                node.set("values", ValueJson.carried(t.values()));
            }
        });
        switch (e) {
            case Effect.Remember remember -> FactJson.remember(node, remember);
            case Effect.SwitchTab to -> node.put("tab", to.tab());
            case Effect.MoveDrawer moved -> node.put("drawer", moved.drawer());
            case Effect.TurnPage turn -> SequenceJson.turn(node, turn.turn());
            case Effect.Notice notice -> node.put("words", notice.words()).put("ms", notice.ms());
            case Effect.Leave leave -> node.put("address", leave.address());
            default -> {}
        }
        return node;
    }

    private static ObjectNode motion(Motion m) {
        return with(
                NODES.objectNode()
                        .put("kind", m.kind().word())
                        .put("direction", m.direction().word())
                        .put("ms", m.ms())
                        .put("easing", m.easing()),
                m.rest());
    }

    private static <T> void list(ObjectNode node, String name, List<T> items, Function<T, ObjectNode> write) {
        if (!items.isEmpty()) {
            ArrayNode list = node.putArray(name);
            items.forEach(item -> list.add(write.apply(item)));
        }
    }

    static ObjectNode with(ObjectNode node, Rest rest) {
        rest.fields().forEach((name, value) -> node.set(name, Json.MAPPER.valueToTree(value)));
        return node;
    }
}
