package pandel.files.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.device.Device;
import pandel.core.model.device.Widths;
import pandel.core.model.start.Entry;
import pandel.core.model.start.StartPoint;

/** Writes {@code prototype.json}: always the same order of fields; what is usual is left out. */
public final class PrototypeWriter {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    /** The format this Pandel writes, and the newest it reads. */
    public static final String FORMAT = "pandel/1";

    private PrototypeWriter() {}

    /** The whole text of {@code prototype.json}. */
    public static String text(Prototype prototype) {
        return Json.text(InnerRest.woven(prototype(prototype), prototype.rest().inner()));
    }

    /** Without what stands in parts that carry no unknown fields themselves. */
    static ObjectNode prototype(Prototype p) {
        ObjectNode node = NODES.objectNode().put("format", FORMAT).put("title", p.title());
        Json.list(node, "devices", p.devices(), PrototypeWriter::device);
        Json.list(node, "entries", p.entries(), PrototypeWriter::entry);
        Json.list(node, "facts", p.facts(), f -> Json.with(FactJson.fact(f), f.rest()));
        Json.list(node, "startPoints", p.startPoints(), PrototypeWriter::startPoint);
        Json.list(
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
            p.motions().forEach((verb, motion) -> motions.set(verb.word(), LinkJson.motion(motion)));
        }
        Json.list(node, "screens", p.screens(), ScreenJson::screen);
        Json.list(node, "shared", p.shared(), ScreenJson::shared);
        Json.list(node, "sequences", p.sequences(), SequenceJson::sequence);
        Json.list(node, "tabSets", p.tabSets(), TabsJson::set);
        Json.list(node, "drawers", p.drawers(), DrawerJson::drawer);
        Json.list(node, "pairs", p.pairs(), PairJson::pair);
        Json.list(node, "journeys", p.journeys(), PrototypeWriter::journey);
        Json.list(
                node,
                "accepted",
                p.judgements().accepted(),
                a -> Json.with(
                        NODES.objectNode()
                                .put("rule", a.rule())
                                .put("ground", a.ground())
                                .put("reason", a.reason()),
                        a.rest()));
        Json.list(node, "quiet", p.judgements().quiet(), q -> {
            ObjectNode one = NODES.objectNode().put("rule", q.rule());
            q.section().ifPresent(s -> one.put("section", s));
            q.screen().ifPresent(s -> one.put("screen", s));
            return Json.with(one, q.rest());
        });
        return Json.with(node, p.rest());
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
            level.forEach(spot -> screens.add(SpotJson.spot(spot)));
        });
        if (!s.facts().set().isEmpty()) {
            node.set("facts", FactJson.facts(s.facts()));
        }
        return Json.with(node, s.rest());
    }

    private static ObjectNode journey(Journey j) {
        ObjectNode node = NODES.objectNode()
                .put("id", j.id())
                .put("title", j.title())
                .put("purpose", j.purpose())
                .put("device", j.device())
                .put("entry", j.entry());
        Json.list(node, "legs", j.legs(), leg -> EventJson.event(leg.event()).put("shown", leg.shown()));
        j.end().ifPresent(e -> node.put("end", e));
        return Json.with(node, j.rest());
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
        return Json.with(node, d.rest());
    }

    private static ObjectNode entry(Entry e) {
        ObjectNode node = TargetJson.target(NODES.objectNode().put("id", e.id()), e.target());
        e.address().ifPresent(a -> node.put("address", a));
        if (!e.values().isEmpty()) {
            node.set("values", ValueJson.values(e.values()));
        }
        return Json.with(node, e.rest());
    }
}
