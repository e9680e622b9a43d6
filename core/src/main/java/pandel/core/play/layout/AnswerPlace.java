package pandel.core.play.layout;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.situation.Situation;

/**
 * What a finger is on that answers a gesture.
 *
 * @param area on the device, in px
 * @param answer what is seen of it
 */
public record AnswerPlace(Area area, Answer answer) {

    private static final List<Gesture> ON_HOTSPOTS =
            List.of(Gesture.TAP, Gesture.DOUBLE_TAP, Gesture.LONG_PRESS, Gesture.SECONDARY_PRESS);

    /**
     * What is there at a point of the device; empty where nothing answers, or nothing is to be seen of it.
     *
     * @param x px from the device's left edge
     * @param y px from its top
     */
    public static Optional<AnswerPlace> at(Prototype prototype, Situation now, double x, double y, Scrolled scrolled) {
        if (now.left() || now.work().isPresent()) {
            return Optional.empty();
        }
        return touches(prototype, now, x, y, scrolled)
                .flatMap(e -> of(prototype, now, e, x, y, scrolled).stream())
                .findFirst()
                .filter(p -> p.answer() != Answer.NONE);
    }

    /** Everything that touching a point of the device in one way or another would be. */
    public static List<Event> events(Prototype prototype, Situation now, double x, double y, Scrolled scrolled) {
        return now.left() || now.work().isPresent()
                ? List.of()
                : touches(prototype, now, x, y, scrolled).toList();
    }

    private static Stream<Event> touches(Prototype prototype, Situation now, double x, double y, Scrolled scrolled) {
        return ON_HOTSPOTS.stream()
                .filter(g -> g.refusedBy(now.device()).isEmpty())
                .map(g -> Aim.gesture(prototype, now, g, x, y, scrolled));
    }

    /** The touch that an event comes from: of a field for what is typed there, whatever way a touch turns out. */
    public static Event touch(Event event) {
        return switch (event) {
            case Event.Turning turning -> touch(turning.event());
            case Event.Typed typed -> Event.tap(typed.field());
            case Event.Submitted submitted -> Event.tap(submitted.field());
            default -> event;
        };
    }

    /** Where what an event touches stands, in px of the device; empty where nothing of it is to be seen. */
    public static Optional<Area> of(Prototype prototype, Situation now, Event meant, Scrolled scrolled) {
        Event event = touch(meant);
        double x = event instanceof Event.OnList ? 1 : now.width() - 1;
        // What stays where it is while the rest scrolls is found from a point that lies on it.
        for (double y : new double[] {now.height() / 2, 1, now.height() - 1}) {
            Optional<Area> found = of(prototype, now, event, x, y, scrolled).map(AnswerPlace::area);
            Optional<Area> again = found.flatMap(a -> of(prototype, now, event, x, a.y() + a.height() / 2, scrolled)
                    .map(AnswerPlace::area));
            if (found.isPresent()
                    && again.filter(a -> Math.abs(a.y() - found.get().y()) < 1).isPresent()) {
                return found.filter(a -> a.y() < now.height() && a.y() + a.height() > 0);
            }
        }
        return Optional.empty();
    }

    private static Optional<AnswerPlace> of(
            Prototype prototype, Situation now, Event event, double x, double y, Scrolled scrolled) {
        Room strips = Room.ofStrips(prototype, now, now.levels().size() - 1);
        Event plain = event instanceof Event.OnList on ? on.event() : event;
        Optional<Area> framed = plain instanceof Event.Touched t
                ? switch (t.on()) {
                    case Event.On.OnTab tab ->
                        moved(
                                Aim.strips(prototype, now, strips).stream()
                                        .flatMap(p -> scrolled.strip(p).signs().stream())
                                        .filter(s -> s.tab().id().equals(tab.id()))
                                        .map(StripPlace.Sign::area),
                                strips.x());
                    case Event.On.OnButton button ->
                        moved(
                                Aim.buttons(prototype, now, strips).stream()
                                        .filter(p -> p.set().id().equals(button.set()))
                                        .map(ButtonPlace::area),
                                strips.x());
                    case Event.On.OnSign on ->
                        HeaderPlace.over(prototype, Under.at(prototype, now, x)).flatMap(p -> p.areaOf(on.id()));
                    case Event.On.OnItem item -> item(prototype, now, item.id(), scrolled);
                    case Event.On.OnTurn turn -> sign(prototype, now, turn);
                    case Event.On.OnSkip skip -> sign(prototype, now, skip);
                    default -> Optional.empty();
                }
                : Optional.empty();
        return framed.map(a -> new AnswerPlace(a, prototype.feel().touched()))
                .or(() -> plain instanceof Event.Touched t && t.on() instanceof Event.On.OnHotspot on
                        ? hotspot(prototype, now, on, x, y)
                        : Optional.empty());
    }

    private static Optional<Area> moved(Stream<Area> areas, double by) {
        return areas.findFirst().map(a -> new Area(a.x() + by, a.y(), a.width(), a.height()));
    }

    private static Optional<Area> item(Prototype prototype, Situation now, String id, Scrolled scrolled) {
        return DrawerPlace.shown(prototype, now, now.levels().size() - 1).stream()
                .flatMap(p -> p.areaOf(id, scrolled.drawer()).stream())
                .findFirst();
    }

    private static Optional<Area> sign(Prototype prototype, Situation now, Event.On on) {
        Under under = Under.current(prototype, now);
        return now.look(prototype)
                .flatMap(look -> moved(
                        PageFoot.on(prototype, look, now.top().trail().current().at(), under.room(), now.height())
                                .stream()
                                .filter(s -> s.on().equals(Optional.of(on)))
                                .map(PageFoot.Sign::area),
                        under.room().x()));
    }

    private static Optional<AnswerPlace> hotspot(
            Prototype prototype, Situation now, Event.On.OnHotspot on, double x, double y) {
        Under under = Under.at(prototype, now, x);
        Optional<Look> look = under.now().look(prototype);
        Optional<Hotspot> hotspot = under.hotspot(prototype, on.id());
        if (look.isEmpty() || hotspot.isEmpty()) {
            return Optional.empty();
        }
        Placement p = under.placement(prototype).orElseThrow();
        return look.get().areaOf(hotspot.get(), under.room().on()).map(a -> {
            double high = a.height() / Math.max(1, hotspot.get().rows().size());
            Area row = new Area(a.x(), a.y() + Math.max(0, on.row() - 1) * high, a.width(), high);
            return new AnswerPlace(
                    under.onDevice(p, row, y),
                    hotspot.get().touched().orElse(prototype.feel().touched()));
        });
    }
}
