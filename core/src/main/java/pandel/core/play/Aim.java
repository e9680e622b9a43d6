package pandel.core.play;

import java.util.List;
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
        Screen screen = prototype.screen(now.screen()).orElse(null);
        if (screen == null) {
            return new Event.Touched(Gesture.TAP, new Event.On.Point(x, y));
        }
        Look look = Look.of(prototype, screen, now.facts());
        Placement placement = Placement.of(look, now.width(), now.height());
        if (screen.form() != Form.PAGE && !placement.holds(x, y)) {
            return new Event.Touched(Gesture.TAP, new Event.On.Outside());
        }
        double mx = (x - placement.x()) / placement.factor();
        double my = placement.mockY(y, now.top().trail().current().scroll());
        Width width = Width.of(now.width());
        List<Hotspot> hotspots = look.hotspots(prototype);
        return hotspots.reversed().stream()
                .filter(h -> h.linkFor(Gesture.TAP).isPresent())
                .filter(h -> look.areaOf(h, width).filter(a -> a.contains(mx, my)).isPresent())
                .findFirst().map(h -> Event.tap(h.id()))
                .orElse(new Event.Touched(Gesture.TAP, new Event.On.Point(mx, my)));
    }
}
