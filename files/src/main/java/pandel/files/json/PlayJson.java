package pandel.files.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import pandel.core.model.link.Event;
import pandel.core.play.Happening;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Tabs;
import pandel.core.play.situation.Visit;
import pandel.core.play.situation.Waits;
import pandel.files.Unreadable;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Json;

/** Events, situations and what happened, as JSON. */
public final class PlayJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private PlayJson() {}

    /** Reads a list of events: {@code [{"tap": "hotspot-id"}, {"elapse": 2000}, {"deviceBack": true}]}. */
    public static List<Event> events(InputStream in) throws Unreadable, IOException {
        JsonNode root;
        try {
            root = Json.MAPPER.readTree(in);
        } catch (JsonProcessingException e) {
            throw new Unreadable(
                    "The events are not sound JSON at line " + e.getLocation().getLineNr() + ".", e);
        }
        JsonNode list = root.isObject() && root.has("events") ? root.get("events") : root;
        if (!list.isArray()) {
            throw new Unreadable("The events must be a list [ … ].");
        }
        List<Event> events = new ArrayList<>();
        for (JsonNode node : list) {
            events.add(EventJson.EVENT.read(Fields.of(node, "event " + (events.size() + 1))));
        }
        return events;
    }

    /** A list of events, as {@link #events} reads it. */
    public static ArrayNode list(List<Event> events) {
        ArrayNode list = NODES.arrayNode();
        events.forEach(e -> list.add(EventJson.event(e)));
        return list;
    }

    /** A situation: device, levels with their trails (current place last), waits. */
    public static ObjectNode situation(Situation s) {
        ObjectNode node = NODES.objectNode()
                .put("device", s.device().id())
                .put("width", s.width())
                .put("height", s.height())
                .put("screen", s.screen());
        ArrayNode levels = node.putArray("levels");
        for (Level level : s.levels()) {
            ObjectNode one = levels.addObject().put("kind", level.kind().word());
            ArrayNode trail = one.putArray("trail");
            places(trail, level.trail().places());
        }
        ArrayNode waits = node.putArray("waits");
        for (Waits.Left left : s.waits().left()) {
            ObjectNode one = waits.addObject().put("link", left.link()).put("ms", left.ms());
            if (left.untouched() > 0) {
                one.put("untouched", left.untouched());
            }
        }
        if (!s.waits().work().isEmpty()) {
            ArrayNode work = node.putArray("work");
            s.waits().work().forEach(work::add);
        }
        s.work().ifPresent(w -> {
            ObjectNode at = node.putObject("atWork").put("link", w.link());
            w.left().ifPresent(ms -> at.put("ms", ms));
        });
        s.drawer().ifPresent(d -> node.put("drawer", d));
        s.notice().ifPresent(n -> {
            ObjectNode notice = node.putObject("notice").put("words", n.words()).put("ms", n.ms());
            n.action().ifPresent(id -> notice.put("action", id));
        });
        if (!s.facts().set().isEmpty()) {
            node.set("facts", FactJson.FACTS.write(s.facts()));
        }
        return node.put("left", s.left());
    }

    private static void places(ArrayNode trail, List<Visit> places) {
        for (Visit visit : places) {
            ObjectNode place = trail.addObject().put("screen", visit.screen());
            SpotJson.MEMORY.write(visit.held(), place);
            SpotJson.PAGE.write(visit.at(), place);
            if (visit.scroll() > 0) {
                place.put("scroll", visit.scroll());
            }
            if (visit.inside() > 0) {
                place.put("inside", visit.inside());
            }
            if (!visit.tabs().isEmpty()) {
                place.set(
                        "rootOf",
                        SpotJson.ROOTS.write(visit.tabs().stream().map(Tabs::in).toList()));
            }
            for (Tabs tabs : visit.tabs()) {
                tabs.kept()
                        .forEach((tab, kept) -> places(place.withObject("/kept").putArray(tab), kept));
            }
        }
    }

    /** What happened and the situation after it. */
    public static ObjectNode stepped(Stepped stepped) {
        ObjectNode node = NODES.objectNode();
        ObjectNode what = node.putObject("happened");
        switch (stepped.happening()) {
            case Happening.Moved moved -> {
                what.put("what", "moved");
                moved.link().ifPresent(l -> what.put("link", l));
                what.put("motion", moved.motion().kind().word()).put("backward", moved.backward());
                moved.address().ifPresent(a -> what.put("address", a));
            }
            case Happening.Remembered done -> {
                what.put("what", "remembered");
                done.link().ifPresent(l -> what.put("link", l));
            }
            case Happening.DrawerMoved moved -> {
                what.put("what", moved.drawer().isPresent() ? "drawer opened" : "drawer closed");
                moved.link().ifPresent(l -> what.put("link", l));
            }
            case Happening.LedOut out -> {
                what.put("what", "led out").put("address", out.address());
                out.link().ifPresent(l -> what.put("link", l));
            }
            case Happening.Asks asks -> {
                what.put("what", "asks");
                asks.link().ifPresent(l -> what.put("link", l));
                ArrayNode outcomes = what.putArray("outcomes");
                asks.outcomes().forEach(outcomes::add);
            }
            case Happening.Working working -> {
                what.put("what", working.givenUp() ? "work given up" : "work begun");
                working.link().ifPresent(l -> what.put("link", l));
            }
            case Happening.Left left -> what.put("what", "left");
            case Happening.Passed passed -> what.put("what", "passed").put("ms", passed.ms());
            case Happening.Adjusted adjusted -> what.put("what", "adjusted");
            case Happening.Nothing nothing -> {
                what.put("what", "nothing").put("why", nothing.why());
                nothing.link().ifPresent(l -> what.put("link", l));
            }
            case Happening.Refused refused -> {
                what.put("what", "refused").put("why", refused.why());
                refused.link().ifPresent(l -> what.put("link", l));
            }
        }
        node.set("situation", situation(stepped.situation()));
        return node;
    }
}
