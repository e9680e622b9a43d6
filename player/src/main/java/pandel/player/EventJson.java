package pandel.player;

import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;

/** Events as the files hold them ({@code docs/schema/events.schema.json}): what leads to the step of a remark. */
public final class EventJson {

    private EventJson() {}

    /** One event. */
    public static String of(Event event) {
        Json out = new Json();
        write(out, event);
        return out.toString();
    }

    static void write(Json out, Event event) {
        out.object(() -> fields(out, event));
    }

    private static void fields(Json out, Event event) {
        switch (event) {
            case Event.Turning turning -> {
                fields(out, turning.event());
                out.field("outcome", turning.named());
            }
            case Event.OnList on -> {
                fields(out, on.event());
                out.field("list", true);
            }
            case Event.Typed typed -> out.field("type", typed.field()).field("text", typed.text());
            case Event.Submitted sent -> out.field("submit", sent.field());
            case Event.Done done -> out.field("done", done.link());
            case Event.Touched touched -> touched(out, touched);
            case Event.DeviceBack back -> out.field("deviceBack", true);
            case Event.Elapse elapse -> out.field("elapse", elapse.ms());
            case Event.Scroll scroll -> out.field("scroll", scroll.to());
            case Event.Resize resize -> out.name("resize").numbers(resize.width(), resize.height());
        }
    }

    private static void touched(Json out, Event.Touched touched) {
        boolean tap = touched.gesture() == Gesture.TAP;
        if (!tap) {
            out.field("gesture", touched.gesture().word());
        }
        switch (touched.on()) {
            case Event.On.OnHotspot on -> {
                out.field(tap ? "tap" : "on", on.id());
                if (on.row() > 0) {
                    out.field("row", on.row());
                }
            }
            case Event.On.Point at -> out.name(tap ? "tapAt" : "at").numbers(at.x(), at.y());
            case Event.On.OnTurn on -> turn(out, on.turn());
            case Event.On.OnTab on -> out.field("tab", on.id());
            case Event.On.OnButton on -> out.field("button", on.set());
            case Event.On.OnItem on -> out.field("item", on.id());
            case Event.On.OnSign on -> out.field("sign", on.id());
            case Event.On.OnSkip s -> out.field("skip", true);
            case Event.On.OnNotice n -> out.field("notice", true);
            case Event.On.OnAction on -> out.field("action", on.id());
            case Event.On.Outside o -> out.field("outside", true);
            case Event.On.Away a -> out.field("away", true);
        }
        if (!touched.key().isEmpty()) {
            out.field("key", touched.key());
        }
    }

    private static void turn(Json out, PageTurn turn) {
        if (turn instanceof PageTurn.To to) {
            out.field("turn", to.number());
        } else {
            out.field("turn", turn.word());
        }
    }
}
