package pandel.core.play.layout;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.DrawerRules;
import pandel.core.play.rule.PageTurns;
import pandel.core.play.rule.Strips;
import pandel.core.play.situation.Situation;

/** From a point on the device to the event it means, before {@code step}. */
public final class Aim {

    private Aim() {}

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

    /** What is laid over a page at a point. */
    private static Optional<Event.On> sign(
            Prototype prototype, Situation now, Look look, Room room, double x, double y) {
        return PageFoot.on(prototype, look, now.top().trail().current().at(), room, now.height()).stream()
                .filter(s -> s.area().contains(x, y))
                .findFirst()
                .flatMap(PageFoot.Sign::on);
    }

    /** The floating button at a point. */
    private static Optional<Event.On> button(Prototype prototype, Situation now, Room strips, double x, double y) {
        return buttons(prototype, now, strips).stream()
                .filter(p -> p.area().contains(x - strips.x(), y))
                .findFirst()
                .map(p -> new Event.On.OnButton(p.set().id()));
    }

    /** The strip at a point that has more tabs than fit. */
    public static Optional<StripPlace> strip(Prototype prototype, Situation now, double x, double y) {
        Room strips = Room.ofStrips(prototype, now, now.levels().size() - 1);
        return now.left() || now.drawer().isPresent()
                ? Optional.empty()
                : strips(prototype, now, strips).stream()
                        .filter(p -> p.scrolls() && p.area().contains(x - strips.x(), y))
                        .findFirst();
    }

    static List<ButtonPlace> buttons(Prototype prototype, Situation now, Room strips) {
        return ButtonPlace.on(
                prototype,
                now.head().around(),
                now.screen(),
                strips.on(),
                strips.width(),
                now.height(),
                HeaderPlace.below(prototype, Under.current(prototype, now)));
    }

    static List<StripPlace> strips(Prototype prototype, Situation now, Room strips) {
        double header = HeaderPlace.below(prototype, Under.current(prototype, now));
        return StripPlace.on(prototype, now.head().around(), now.screen(), strips.on(), strips.width(), now.height())
                .stream()
                .map(p -> p.below(header))
                .toList();
    }

    /** The tab of a strip at a point; of strips laid over one another's foot the first. */
    private static Optional<Event.On> tab(
            Prototype prototype, Situation now, Room strips, Scrolled scrolled, double x, double y) {
        return strips(prototype, now, strips).stream()
                .flatMap(p -> scrolled.strip(p).signs().stream())
                .filter(s -> s.area().contains(x - strips.x(), y))
                .findFirst()
                .map(s -> new Event.On.OnTab(s.tab().id()));
    }

    /** The turn of a page that a sideways swipe from a point is; empty where it is something else. */
    public static Optional<PageTurn> turn(Prototype prototype, Situation now, Gesture gesture, double x, double y) {
        return isAnswered(prototype, now, gesture, x, y)
                ? Optional.empty()
                : PageTurns.swiped(prototype, now.head(), gesture);
    }

    /** Whether a sideways swipe from a point is for the tabs of a strip, also where there is none beside. */
    public static boolean isForTabs(Prototype prototype, Situation now, Gesture gesture, double x, double y) {
        return !isAnswered(prototype, now, gesture, x, y)
                && PageTurns.swiped(prototype, now.head(), gesture).isEmpty()
                && Strips.swiped(prototype, now.head().around(), now.screen(), gesture)
                        .isPresent();
    }

    /** The drawer that a finger drawn inwards from a point draws out; empty where it is something else. */
    public static Optional<Drawer> pulled(Prototype prototype, Situation now, double x, double y) {
        for (PanelSide side : PanelSide.values()) {
            double fromEdge = side == PanelSide.LEFT ? x : now.width() - x;
            Optional<Drawer> drawer = DrawerRules.pulled(prototype, now.head(), side.edge())
                    .filter(d -> fromEdge < d.panel().reach());
            if (drawer.isPresent() && !isAnswered(prototype, now, side.edge(), x, y)) {
                return drawer;
            }
        }
        return Optional.empty();
    }

    /** Whether a link answers a swipe from a point, or nothing can. */
    private static boolean isAnswered(Prototype prototype, Situation now, Gesture gesture, double x, double y) {
        return isAnswered(prototype, now, gesture, gesture(prototype, now, gesture, x, y))
                || !now.device().swipes()
                || now.left()
                || now.drawer().isPresent();
    }

    /**
     * Whether a hotspot, or a link of the screen that is there, answers a gesture, before what the frames do.
     *
     * @param event what the gesture means
     */
    public static boolean isAnswered(Prototype prototype, Situation now, Gesture gesture, Event event) {
        Situation at = event instanceof Event.OnList
                ? Pairs.beside(prototype, now).map(Pairs.Beside::returned).orElse(now)
                : now;
        return (event instanceof Event.OnList on ? on.event() : event) instanceof Event.Touched t
                && t.gesture() == gesture
                && (t.on() instanceof Event.On.OnHotspot
                        || t.on() instanceof Event.On.Point
                                && prototype.screen(at.screen()).stream()
                                        .flatMap(s -> s.links().stream())
                                        .anyMatch(l -> l.cause().equals(new Cause.Touch(gesture))));
    }

    /**
     * Where a field stands.
     *
     * @param area on the device, in px
     */
    public record FieldAt(String id, Area area) {}

    /** The top field at a point of the device. */
    public static Optional<FieldAt> field(Prototype prototype, Situation now, double x, double y) {
        Under under = Under.at(prototype, now, x);
        if (HeaderPlace.over(prototype, under)
                .filter(p -> p.area().contains(x, y))
                .isPresent()) {
            return Optional.empty();
        }
        return under.now().look(prototype).flatMap(look -> {
            Room room = under.room();
            Placement p = under.placement(prototype).orElseThrow();
            double mx = (x - room.x() - p.x()) / p.factor();
            double my = under.mockY(p, y);
            return look.hotspots(prototype).reversed().stream()
                    .filter(Hotspot::isField)
                    .flatMap(h -> look
                            .areaOf(h, room.on())
                            .filter(a -> a.contains(mx, my))
                            .map(a -> new FieldAt(h.id(), under.onDevice(p, a, y)))
                            .stream())
                    .findFirst();
        });
    }

    /**
     * What a key means: on the topmost hotspot that has a link for it, else on the screen.
     *
     * @param key its name
     */
    public static Event key(Prototype prototype, Situation now, String key) {
        Cause cause = new Cause.Touch(Gesture.KEY, key);
        return new Event.Touched(
                Gesture.KEY,
                key,
                now.look(prototype).stream()
                        .flatMap(l -> l.hotspots(prototype, prototype.widths().of(now.width())).reversed().stream())
                        .filter(h -> h.linkFor(cause).isPresent())
                        .findFirst()
                        .<Event.On>map(h -> new Event.On.OnHotspot(h.id()))
                        .orElse(new Event.On.Point(0, 0)));
    }

    /**
     * What a gesture that begins at a point means: on the top hotspot there that has a link for it, else beside the
     * overlay, else on a bare point. A double tap that no hotspot answers is one tap.
     */
    public static Event gesture(Prototype prototype, Situation now, Gesture gesture, double x, double y) {
        return gesture(prototype, now, gesture, x, y, Scrolled.NONE);
    }

    /** The same where more than pages is scrolled. */
    public static Event gesture(
            Prototype prototype, Situation now, Gesture gesture, double x, double y, Scrolled scrolled) {
        return drawer(prototype, now, gesture, x, y, scrolled.drawer()).orElseGet(() -> {
            Optional<Event> header = header(prototype, now, gesture, x, y, scrolled);
            if (header.isPresent()) {
                return header.get();
            }
            Room strips = Room.ofStrips(prototype, now, now.levels().size() - 1);
            Optional<Event.On> tab = isDown(gesture)
                    ? button(prototype, now, strips, x, y).or(() -> tab(prototype, now, strips, scrolled, x, y))
                    : Optional.empty();
            if (tab.isPresent()) {
                return new Event.Touched(Gesture.TAP, tab.get());
            }
            Under under = Under.at(prototype, now, x);
            return under.meant(
                    prototype,
                    now,
                    page(prototype, under.now(), gesture, x - under.room().x(), y, under.room()));
        });
    }

    /**
     * What it means where a header lies: on one of its signs, else on no hotspot; empty where none lies. While the
     * actions are listed that do not fit, whatever is touched is for the list.
     */
    private static Optional<Event> header(
            Prototype prototype, Situation now, Gesture gesture, double x, double y, Scrolled scrolled) {
        if (prototype.headers().isEmpty()) {
            return Optional.empty();
        }
        Under at = Under.at(prototype, now, x);
        for (Under under : at.isList() ? List.of(at, Under.current(prototype, now)) : List.of(at)) {
            Optional<HeaderPlace> place = HeaderPlace.over(prototype, under);
            boolean listed = place.filter(scrolled::lists).isPresent();
            if (place.isPresent()
                    && (listed || under == at && place.get().area().contains(x, y))) {
                Optional<Event.On> on = isDown(gesture) ? place.get().on(x, y, listed) : Optional.empty();
                Event event = on.map(o -> new Event.Touched(Gesture.TAP, o))
                        .orElseGet(() -> new Event.Touched(gesture, bare(prototype, under, x, y)));
                return Optional.of(under.meant(prototype, now, event));
            }
        }
        return Optional.empty();
    }

    private static Event.On bare(Prototype prototype, Under under, double x, double y) {
        Placement p = under.placement(prototype).orElseThrow();
        return new Event.On.Point((x - under.room().x() - p.x()) / p.factor(), under.mockY(p, y));
    }

    /** Whether something is touched where it lies. */
    private static boolean isDown(Gesture gesture) {
        return gesture == Gesture.TAP || gesture == Gesture.DOUBLE_TAP;
    }

    /**
     * What it means where a drawer shows: an item, beside the open one, or a bare point of it; empty where it is for
     * the page.
     */
    private static Optional<Event> drawer(
            Prototype prototype, Situation now, Gesture gesture, double x, double y, double scroll) {
        boolean down = isDown(gesture);
        List<DrawerPlace> shown = DrawerPlace.shown(prototype, now, now.levels().size() - 1);
        Optional<DrawerPlace> open = shown.stream()
                .filter(p -> now.drawer().equals(Optional.of(p.drawer().id())))
                .findFirst();
        Optional<DrawerPlace> under = open.isPresent()
                ? open.filter(p -> p.area().contains(x, y))
                : shown.stream().filter(p -> p.area().contains(x, y)).findFirst();
        if (under.isPresent()) {
            return Optional.of(new Event.Touched(
                    down ? Gesture.TAP : gesture,
                    down ? under.get().on(x, y, scroll).orElse(new Event.On.Point(x, y)) : new Event.On.Point(x, y)));
        }
        return open.map(p -> new Event.Touched(
                down ? Gesture.TAP : gesture, down ? new Event.On.Outside() : new Event.On.Point(x, y)));
    }

    private static Event page(Prototype prototype, Situation now, Gesture gesture, double x, double y, Room room) {
        Screen screen = prototype.screen(now.screen()).orElse(null);
        if (screen == null) {
            return new Event.Touched(gesture, new Event.On.Point(x, y));
        }
        Look look = now.look(prototype).orElseThrow();
        Placement placement = Placement.of(look, room, now.height());
        if (look.screen().form() != Form.PAGE
                && !placement.holds(x, y, now.top().trail().current().scroll())) {
            boolean down = isDown(gesture);
            return down
                    ? new Event.Touched(Gesture.TAP, new Event.On.Outside())
                    : new Event.Touched(gesture, new Event.On.Point(x, y));
        }
        if (isDown(gesture)) {
            Optional<Event.On> sign = sign(prototype, now, look, room, x, y);
            if (sign.isPresent()) {
                return new Event.Touched(Gesture.TAP, sign.get());
            }
        }
        double mx = (x - placement.x()) / placement.factor();
        double my = placement.mockY(y, now.top().trail().current().scroll());
        Width width = room.on();
        List<Hotspot> hotspots = look.hotspots(prototype);
        List<Hotspot> under = hotspots.reversed().stream()
                .filter(h ->
                        look.areaOf(h, width).filter(a -> a.contains(mx, my)).isPresent())
                .toList();
        boolean ownDouble = gesture == Gesture.DOUBLE_TAP
                && screen.links().stream().anyMatch(l -> l.cause().equals(new Cause.Touch(Gesture.DOUBLE_TAP)));
        boolean single = gesture == Gesture.DOUBLE_TAP
                && !ownDouble
                && under.stream().noneMatch(h -> h.linkFor(gesture).isPresent());
        Gesture meant = single ? Gesture.TAP : gesture;
        return under.stream()
                .filter(h -> h.linkFor(meant).isPresent())
                .findFirst()
                .map(h -> (Event) new Event.Touched(
                        meant,
                        new Event.On.OnHotspot(
                                h.id(), h.rowAt(look.areaOf(h, width).orElseThrow(), my))))
                .orElse(new Event.Touched(meant, new Event.On.Point(mx, my)));
    }
}
