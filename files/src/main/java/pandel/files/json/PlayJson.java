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
import java.util.Optional;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.play.Happening;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Tabs;
import pandel.core.play.situation.Visit;
import pandel.core.play.situation.Waits;
import pandel.files.Unreadable;

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
            events.add(event(Fields.of(node, "event " + (events.size() + 1))));
        }
        return events;
    }

    static Event event(Fields f) throws Unreadable {
        Event plain = plain(f);
        return f.optionalText("outcome").map(plain::turning).orElse(plain);
    }

    private static Event plain(Fields f) throws Unreadable {
        Event event = one(f);
        return f.has("list") ? f.made(() -> new Event.OnList(event)) : event;
    }

    private static Event one(Fields f) throws Unreadable {
        if (f.has("tap")) {
            Optional<String> hotspot = f.optionalText("tap");
            return new Event.Touched(Gesture.TAP, new Event.On.OnHotspot(hotspot.orElseThrow(), row(f)));
        }
        if (f.has("tapAt")) {
            double[] at = f.numbers("tapAt", 2);
            return new Event.Touched(Gesture.TAP, new Event.On.Point(at[0], at[1]));
        }
        if (f.has("gesture")) {
            Gesture gesture = f.word("gesture", Gesture.values(), Gesture::word);
            Optional<String> on = f.optionalText("on");
            String key = gesture == Gesture.KEY ? f.text("key") : "";
            if (on.isPresent()) {
                return new Event.Touched(gesture, key, new Event.On.OnHotspot(on.get(), row(f)));
            }
            double[] at = f.has("at") ? f.numbers("at", 2) : new double[2];
            return new Event.Touched(gesture, key, new Event.On.Point(at[0], at[1]));
        }
        if (f.has("type")) {
            return new Event.Typed(f.text("type"), f.text("text"));
        }
        if (f.has("submit")) {
            return new Event.Submitted(f.text("submit"));
        }
        if (f.has("done")) {
            return new Event.Done(f.text("done"));
        }
        if (f.has("turn")) {
            return new Event.Touched(Gesture.TAP, new Event.On.OnTurn(SequenceJson.turn(f)));
        }
        if (f.has("tab")) {
            return new Event.Touched(Gesture.TAP, new Event.On.OnTab(f.text("tab")));
        }
        if (f.has("button")) {
            return new Event.Touched(Gesture.TAP, new Event.On.OnButton(f.text("button")));
        }
        if (f.has("item")) {
            return new Event.Touched(Gesture.TAP, new Event.On.OnItem(f.text("item")));
        }
        if (f.has("skip")) {
            return new Event.Touched(Gesture.TAP, new Event.On.OnSkip());
        }
        if (f.has("outside")) {
            return new Event.Touched(Gesture.TAP, new Event.On.Outside());
        }
        if (f.has("away")) {
            return new Event.Touched(Gesture.TAP, new Event.On.Away());
        }
        if (f.has("deviceBack")) {
            return new Event.DeviceBack();
        }
        if (f.has("elapse")) {
            return new Event.Elapse(f.whole("elapse", 0, Integer.MAX_VALUE));
        }
        if (f.has("scroll")) {
            return new Event.Scroll(f.number("scroll"));
        }
        if (f.has("resize")) {
            double[] size = f.numbers("resize", 2);
            return f.made(() -> new Event.Resize(size[0], size[1]));
        }
        throw new Unreadable("In " + f.where()
                + ": unknown event; it can be tap, tapAt, gesture, type, submit, done, turn, tab, button, "
                + "item, skip, outside, away, deviceBack, elapse, scroll or resize.");
    }

    private static int row(Fields f) throws Unreadable {
        return f.has("row") ? f.whole("row", 1, 100_000) : 0;
    }

    /** One event. */
    public static ObjectNode event(Event event) {
        ObjectNode node = NODES.objectNode();
        switch (event) {
            case Event.Turning turning -> {
                node.setAll(event(turning.plain()));
                node.put("outcome", turning.named());
            }
            case Event.Typed typed -> node.put("type", typed.field()).put("text", typed.text());
            case Event.Submitted sent -> node.put("submit", sent.field());
            case Event.Done done -> node.put("done", done.link());
            case Event.Touched touched -> {
                boolean tap = touched.gesture() == Gesture.TAP;
                switch (touched.on()) {
                    case Event.On.OnHotspot on
                    when !tap -> node.put("gesture", touched.gesture().word()).put("on", on.id());
                    case Event.On.Point at
                    when !tap ->
                        node.put("gesture", touched.gesture().word())
                                .putArray("at")
                                .add(at.x())
                                .add(at.y());
                    case Event.On.OnHotspot on -> node.put("tap", on.id());
                    case Event.On.OnTurn on -> SequenceJson.turn(node, on.turn());
                    case Event.On.OnTab on -> node.put("tab", on.id());
                    case Event.On.OnButton on -> node.put("button", on.set());
                    case Event.On.OnItem on -> node.put("item", on.id());
                    case Event.On.OnSkip s -> node.put("skip", true);
                    case Event.On.Outside o -> node.put("outside", true);
                    case Event.On.Away a -> node.put("away", true);
                    case Event.On.Point at -> node.putArray("tapAt").add(at.x()).add(at.y());
                }
                if (!touched.key().isEmpty()) {
                    node.put("key", touched.key());
                }
                if (touched.on() instanceof Event.On.OnHotspot on && on.row() > 0) {
                    node.put("row", on.row());
                }
            }
            case Event.DeviceBack back -> node.put("deviceBack", true);
            case Event.Elapse elapse -> node.put("elapse", elapse.ms());
            case Event.Scroll scroll -> node.put("scroll", scroll.to());
            case Event.OnList on -> {
                node.setAll(event(on.event()));
                node.put("list", true);
            }
            case Event.Resize resize ->
                node.putArray("resize").add(resize.width()).add(resize.height());
        }
        return node;
    }

    /** A list of events, as {@link #events} reads it. */
    public static ArrayNode list(List<Event> events) {
        ArrayNode list = NODES.arrayNode();
        events.forEach(e -> list.add(event(e)));
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
        s.drawer().ifPresent(d -> node.put("drawer", d));
        s.notice()
                .ifPresent(n -> node.putObject("notice").put("words", n.words()).put("ms", n.ms()));
        if (!s.facts().set().isEmpty()) {
            node.set("facts", FactJson.facts(s.facts()));
        }
        return node.put("left", s.left());
    }

    private static void places(ArrayNode trail, List<Visit> places) {
        for (Visit visit : places) {
            ObjectNode place = SequenceJson.at(
                    ValueJson.held(trail.addObject().put("screen", visit.screen()), visit.held()), visit.at());
            if (visit.scroll() > 0) {
                place.put("scroll", visit.scroll());
            }
            TabsJson.roots(
                    place, visit.inside(), visit.tabs().stream().map(Tabs::in).toList());
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
