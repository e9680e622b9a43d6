package pandel.files.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.files.Unreadable;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Part;

/** Events, as files and play hold them. */
public final class EventJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    /** An event, and the outcome that it names. */
    static final Part<Event> EVENT = new Part<>() {
        @Override
        public List<String> names() {
            return List.of(
                    "tap",
                    "tapAt",
                    "gesture",
                    "on",
                    "at",
                    "key",
                    "row",
                    "type",
                    "text",
                    "submit",
                    "done",
                    "turn",
                    "tab",
                    "button",
                    "item",
                    "sign",
                    "skip",
                    "outside",
                    "away",
                    "deviceBack",
                    "notice",
                    "action",
                    "elapse",
                    "scroll",
                    "resize",
                    "list",
                    "outcome");
        }

        @Override
        public Event read(Fields in) throws Unreadable {
            return event(in);
        }

        @Override
        public void write(Event event, ObjectNode node) {
            node.setAll(event(event));
        }
    };

    private EventJson() {}

    private static Event event(Fields f) throws Unreadable {
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
            return new Event.Touched(Gesture.TAP, new Event.On.OnTurn(TargetJson.TURN.read(f)));
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
        if (f.has("sign")) {
            return new Event.Touched(Gesture.TAP, new Event.On.OnSign(f.text("sign")));
        }
        if (f.has("notice")) {
            return new Event.Touched(Gesture.TAP, new Event.On.OnNotice());
        }
        if (f.has("action")) {
            return new Event.Touched(Gesture.TAP, new Event.On.OnAction(f.text("action")));
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
                + "item, sign, skip, notice, action, outside, away, deviceBack, elapse, scroll or resize.");
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
                    case Event.On.OnTurn on -> TargetJson.TURN.write(on.turn(), node);
                    case Event.On.OnTab on -> node.put("tab", on.id());
                    case Event.On.OnButton on -> node.put("button", on.set());
                    case Event.On.OnItem on -> node.put("item", on.id());
                    case Event.On.OnSign on -> node.put("sign", on.id());
                    case Event.On.OnSkip s -> node.put("skip", true);
                    case Event.On.OnNotice n -> node.put("notice", true);
                    case Event.On.OnAction on -> node.put("action", on.id());
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
}
