package pandel.core.play;

import java.util.List;
import pandel.core.model.Cause;
import pandel.core.model.Event;
import pandel.core.model.Form;
import pandel.core.model.Gesture;
import pandel.core.model.Hotspot;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Width;

/** From a point on the device to the event it means, before {@code step}. */
public final class Aim {

    private Aim() {
    }

    /**
     * What a tap at a point means: the top hotspot there that has a link for it, else beside the overlay, else a bare
     * point.
     *
     * @param x px from the device's left edge
     * @param y px from the device's top edge
     */
    public static Event tap(Prototype prototype, Situation now, double x, double y) {
        return gesture(prototype, now, Gesture.TAP, x, y);
    }

    /**
     * What a gesture that begins at a point means: on the top hotspot there that has a link for it, else beside the overlay, else on
     * a bare point. A double tap that no hotspot answers is one tap.
     */
    public static Event gesture(Prototype prototype, Situation now, Gesture gesture, double x, double y) {
        Screen screen = prototype.screen(now.screen()).orElse(null);
        if (screen == null) {
            return new Event.Touched(gesture, new Event.On.Point(x, y));
        }
        Look look = Look.of(prototype, screen, now.facts());
        Placement placement = Placement.of(look, now.width(), now.height());
        if (screen.form() != Form.PAGE && !placement.holds(x, y)) {
            boolean down = gesture == Gesture.TAP || gesture == Gesture.DOUBLE_TAP;
            return down ? new Event.Touched(Gesture.TAP, new Event.On.Outside()) : new Event.Touched(gesture, new Event.On.Point(x, y));
        }
        double mx = (x - placement.x()) / placement.factor();
        double my = placement.mockY(y, now.top().trail().current().scroll());
        Width width = Width.of(now.width());
        List<Hotspot> hotspots = look.hotspots(prototype);
        List<Hotspot> under = hotspots.reversed().stream().filter(h -> look.areaOf(h, width).filter(a -> a.contains(mx, my)).isPresent()).toList();
        boolean ownDouble = gesture == Gesture.DOUBLE_TAP && screen.links().stream().anyMatch(l -> l.cause().equals(new Cause.Touch(Gesture.DOUBLE_TAP)));
        boolean single = gesture == Gesture.DOUBLE_TAP && !ownDouble && under.stream().noneMatch(h -> h.linkFor(gesture).isPresent());
        Gesture meant = single ? Gesture.TAP : gesture;
        return under.stream().filter(h -> h.linkFor(meant).isPresent()).findFirst().map(h -> Event.on(h.id(), meant))
                .orElse(new Event.Touched(meant, new Event.On.Point(mx, my)));
    }
}
