package pandel.desktop.check;

import java.util.List;
import pandel.core.model.Event;
import pandel.core.model.Hotspot;
import pandel.core.model.Prototype;
import pandel.core.play.LinkWords;
import pandel.core.play.Situation;

/** An event as a person would say it. */
final class EventWords {

    private EventWords() {
    }

    static String of(Prototype prototype, Situation before, Event event) {
        return switch (event) {
            case Event.Touched touched -> switch (touched.on()) {
                case Event.On.OnHotspot on -> {
                    List<Hotspot> hotspots = prototype.index().hotspotsOn(before.screen());
                    int number = 1 + hotspots.stream().map(Hotspot::id).toList().indexOf(on.id());
                    yield "tap " + (number == 0 ? on.id() : LinkWords.name(hotspots.get(number - 1), number));
                }
                case Event.On.Outside o -> "tap beside it";
                case Event.On.Away a -> "swipe it off";
                case Event.On.Point p -> "tap the screen";
            };
            case Event.DeviceBack back -> "device back";
            case Event.Elapse elapse -> "wait " + LinkWords.seconds(elapse.ms());
            case Event.Scroll scroll -> "scroll";
            case Event.Resize resize -> "resize the device";
        };
    }
}
