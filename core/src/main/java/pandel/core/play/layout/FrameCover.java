package pandel.core.play.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.screen.Area;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.HeaderRules;

/**
 * What frames lay over a mock so that no finger comes to what is under it, however far the page is scrolled.
 *
 * @param area in px of the mock
 * @param whole whether it takes every gesture; else taps alone
 * @param words what it is: "the header", "the button of Lending", "the words laid over it"
 */
public record FrameCover(Area area, boolean whole, String words) {

    /**
     * px that a header goes on at both sides: what lies beyond a mock there is touched no more than what lies on it.
     */
    private static final double BEYOND = 100_000;

    /** The words of a header. */
    public static final String HEADER = "the header";

    /** Whether it answers a gesture in the stead of what lies under it. */
    public boolean takes(Cause.Touch touch) {
        return touch.gesture() != Gesture.KEY
                && (whole || touch.gesture() == Gesture.TAP || touch.gesture() == Gesture.DOUBLE_TAP);
    }

    /** Where those are that answer a gesture. */
    public static List<Area> areas(List<FrameCover> frames, Cause.Touch touch) {
        return frames.stream().filter(f -> f.takes(touch)).map(FrameCover::area).toList();
    }

    /**
     * What lies over a place on a device, where no list stands beside it.
     *
     * @param around the tab sets around it
     * @param at where the sequence stands that it is
     */
    public static List<FrameCover> over(
            Prototype prototype, Device device, Look look, List<EnclosingTab> around, Optional<AtPage> at) {
        return over(prototype, device, look, around, at, UnaryOperator.identity());
    }

    /**
     * What lies over a place that stands somewhere on a device.
     *
     * @param around the tab sets around it
     * @param at where the sequence stands that it is
     * @param part what it takes of the room that it has where no list stands beside it
     */
    public static List<FrameCover> over(
            Prototype prototype,
            Device device,
            Look look,
            List<EnclosingTab> around,
            Optional<AtPage> at,
            UnaryOperator<Room> part) {
        String screen = look.screen().id();
        List<FrameCover> all = new ArrayList<>(0);
        boolean laid = at.flatMap(a -> prototype.sequence(a.sequence()))
                .filter(s -> !s.laid().isEmpty())
                .isPresent();
        boolean buttons = !device.refuses(Cannot.FLOATING_BUTTONS)
                && around.stream()
                        .anyMatch(a -> prototype
                                .tabSet(a.set())
                                .flatMap(TabSet::button)
                                .isPresent());
        Optional<Header> header = HeaderRules.shown(prototype, device, screen, around);
        if (!laid && !buttons && header.isEmpty()) {
            return all;
        }
        Room strips = Room.ofStrips(prototype, device, screen, around);
        Room room = part.apply(Room.alone(prototype, device, screen, around));
        Placement p = Placement.of(look, room, device.height());
        header.ifPresent(h -> header(all, p, h));
        if (buttons) {
            ButtonPlace.on(
                            prototype,
                            around,
                            screen,
                            strips.on(),
                            strips.width(),
                            device.height(),
                            header.map(HeaderPlace::high).orElse(0.0))
                    .forEach(b -> add(
                            all,
                            p,
                            new Area(
                                    b.area().x() - (room.x() - strips.x()),
                                    b.area().y(),
                                    b.area().width(),
                                    b.area().height()),
                            "the button of " + b.set().shownTitle()));
        }
        PageFoot.on(prototype, look, at, room, device.height()).stream()
                .filter(s -> s.on().isPresent())
                .forEach(s -> add(all, p, s.area(), "the words and dots laid over it"));
        return all;
    }

    /** What scrolls with the page never comes out from under a header; what stays put does as far as that goes away. */
    private static void header(List<FrameCover> all, Placement p, Header header) {
        double high = HeaderPlace.high(header);
        double still = Math.max(header.bar().stays() ? header.bar().height() : 0, high - p.maxScroll());
        top(all, p, 0, Math.min(still, p.fixedTop()));
        top(all, p, p.fixedTop(), high);
    }

    private static void top(List<FrameCover> all, Placement p, double from, double to) {
        if (from < to) {
            all.add(new FrameCover(
                    new Area(-BEYOND, from / p.factor(), p.width() / p.factor() + 2 * BEYOND, (to - from) / p.factor()),
                    true,
                    HEADER));
        }
    }

    /** What lies still on the device hides of the mock what scrolling brings nowhere else. */
    private static void add(List<FrameCover> all, Placement p, Area still, String words) {
        double from = still.y() - p.y();
        double to = still.bottom() - p.y();
        double end = p.height();
        rows(all, p, still, from, to, 0, p.fixedTop(), words);
        rows(all, p, still, from + p.maxScroll(), to, p.fixedTop(), end - p.fixedBottom(), words);
        rows(all, p, still, from + p.maxScroll(), to + p.maxScroll(), end - p.fixedBottom(), end, words);
    }

    /** The px from a mock's top that lie within two bounds and are hidden, as a part of the mock. */
    private static void rows(
            List<FrameCover> all,
            Placement p,
            Area still,
            double from,
            double to,
            double least,
            double most,
            String words) {
        double top = Math.max(from, least);
        double foot = Math.min(to, most);
        double left = Math.max(0, still.x() - p.x());
        double right = Math.min(p.width(), still.right() - p.x());
        if (top < foot && left < right) {
            all.add(new FrameCover(
                    new Area(
                            left / p.factor(),
                            top / p.factor(),
                            (right - left) / p.factor(),
                            (foot - top) / p.factor()),
                    false,
                    words));
        }
    }
}
