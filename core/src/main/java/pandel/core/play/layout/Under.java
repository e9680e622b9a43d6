package pandel.core.play.layout;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.situation.Situation;

/**
 * What lies under a point of the top level: its current place, or the list beside that.
 *
 * @param now where it is the current place: for the list, as if the detail had been returned from
 * @param room where it stands
 * @param isList whether it is the list
 */
public record Under(Situation now, Room room, boolean isList) {

    /** @param x px from the device's left edge */
    public static Under at(Prototype prototype, Situation now, double x) {
        return list(prototype, now)
                .filter(l -> x < l.room().x() + l.room().width())
                .orElseGet(() -> current(prototype, now));
    }

    /** The current place. */
    public static Under current(Prototype prototype, Situation now) {
        return new Under(now, Room.of(prototype, now), false);
    }

    /** The list that stands beside the current place. */
    public static Optional<Under> list(Prototype prototype, Situation now) {
        return Pairs.beside(prototype, now).map(b -> new Under(b.returned(), b.list(), true));
    }

    /** Its hotspots that can be touched, the first drawn first. */
    public List<Hotspot> hotspots(Prototype prototype) {
        return now.look(prototype).map(l -> l.hotspots(prototype, room.on())).orElse(List.of());
    }

    /** The one of those with an id. */
    public Optional<Hotspot> hotspot(Prototype prototype, String id) {
        return hotspots(prototype).stream().filter(h -> h.id().equals(id)).findFirst();
    }

    /**
     * An event here, told to be meant for the list where it could be meant for the detail as well.
     *
     * @param whole the situation in which it happens
     */
    public Event meant(Prototype prototype, Situation whole, Event event) {
        if (!isList || !(event.plain() instanceof Event.Touched t)) {
            return event;
        }
        Event meant = switch (t.on()) {
            case Event.On.Point point -> new Event.OnList(t);
            case Event.On.OnSign sign -> new Event.OnList(t);
            case Event.On.OnHotspot on
            when current(prototype, whole).hotspot(prototype, on.id()).isPresent() -> new Event.OnList(t);
            default -> t;
        };
        return event.outcome().map(meant::turning).orElse(meant);
    }

    /**
     * Where a part of the mock stands on the device, in px, seen from a point of the device that lies on it.
     *
     * @param part px of the mock
     * @param y px from the device's top
     */
    Area onDevice(Placement placement, Area part, double y) {
        return new Area(
                room.x() + placement.x() + part.x() * placement.factor(),
                y - (mockY(placement, y) - part.y()) * placement.factor(),
                part.width() * placement.factor(),
                part.height() * placement.factor());
    }

    /** px from the mock's top of a point of the device. */
    double mockY(Placement placement, double y) {
        return placement.mockY(y, Math.min(scroll(), placement.maxScroll()));
    }

    /** How far it is scrolled, in px. */
    public double scroll() {
        return now.top().trail().current().scroll();
    }

    /** Where its mock stands; empty when its screen is gone. */
    public Optional<Placement> placement(Prototype prototype) {
        return now.look(prototype).map(look -> Placement.of(look, room, now.height()));
    }
}
