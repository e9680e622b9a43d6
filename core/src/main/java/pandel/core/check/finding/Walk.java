package pandel.core.check.finding;

import java.util.ArrayList;
import java.util.List;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** A way of using a prototype: replayed through {@code step} it really shows what it is given for. */
public record Walk(Device device, Start entry, List<Event> events) {

    public Walk {
        events = List.copyOf(events);
    }

    /** How it begins, in words: "starts at", "opened by /loans/{loan}", "from “Signed in”". */
    public String begins() {
        return switch (entry) {
            case Entry e -> e.address().map(a -> "opened by " + a).orElse("starts at");
            case StartPoint point -> "from “" + point.title() + "”";
        };
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

    /**
     * The same walk and the touch that sets a link off; nothing more where it is no touch, or where its outcome would
     * have to be chosen.
     */
    public Walk andTouching(Way way) {
        if (!way.link().outcomes().isEmpty() || way.notice().isPresent()) {
            return this;
        }
        return switch (way.link().cause()) {
            case Cause.Touch touch ->
                and(List.of(new Event.Touched(
                        touch,
                        way.hotspot()
                                .<Event.On>map(h ->
                                        new Event.On.OnHotspot(h.id(), h.rows().isEmpty() ? 0 : 1))
                                .or(() -> way.header()
                                        .map(h -> new Event.On.OnSign(way.link().id())))
                                .or(() -> way.tabs().map(s -> new Event.On.OnButton(s.id())))
                                .orElse(new Event.On.Point(0, 0)))));
            case Cause.Submit submit
            when way.hotspot().isPresent() ->
                and(List.of(new Event.Submitted(way.hotspot().get().id())));
            default -> this;
        };
    }

    /** The same walk and more events. */
    public Walk and(List<Event> more) {
        List<Event> all = new ArrayList<>(events);
        all.addAll(more);
        return new Walk(device, entry, all);
    }
}
