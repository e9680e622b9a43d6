package pandel.core.check;

import java.util.ArrayList;
import java.util.List;
import pandel.core.model.Cause;
import pandel.core.model.Device;
import pandel.core.model.Event;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Start;
import pandel.core.play.Situation;
import pandel.core.play.Step;

/** A way of using a prototype: replayed through {@code step} it really shows what it is given for. */
public record Walk(Device device, Start entry, List<Event> events) {

    public Walk {
        events = List.copyOf(events);
    }

    /** The situation where it ends. */
    public Situation replay(Prototype prototype) {
        Step step = new Step(prototype);
        Situation now = Situation.at(prototype, entry, device).orElseThrow();
        for (Event event : events) {
            now = step.step(now, event).situation();
        }
        return now;
    }

    /** The same walk and the touch that sets a link off; nothing more where it is no touch, or where its outcome would have to be chosen. */
    Walk andTouching(Way way) {
        return way.link().outcomes().isEmpty() && way.link().cause() instanceof Cause.Touch touch
                ? and(List.of(new Event.Touched(touch.gesture(), way.hotspot().<Event.On>map(h -> new Event.On.OnHotspot(h.id())).orElse(new Event.On.Point(0, 0))))) : this;
    }

    /** The same walk and more events. */
    public Walk and(List<Event> more) {
        List<Event> all = new ArrayList<>(events);
        all.addAll(more);
        return new Walk(device, entry, all);
    }
}
