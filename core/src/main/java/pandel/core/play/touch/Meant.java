package pandel.core.play.touch;

import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Form;
import pandel.core.play.layout.Aim;
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Scrolled;
import pandel.core.play.layout.Under;
import pandel.core.play.situation.Situation;

/** What a gesture made somewhere on a device comes to. */
public sealed interface Meant {

    /** An event happens. */
    record Does(Event event) implements Meant {}

    /** A field is to be typed in. */
    record Types(Aim.FieldAt field) implements Meant {}

    /**
     * The rows of the drawer that is out are scrolled.
     *
     * @param by px
     */
    record RollsDrawer(double by) implements Meant {}

    /** Nothing at all, not even a miss. */
    record Nothing() implements Meant {}

    /**
     * What any gesture but hovering comes to: a field is typed in where no link answers a tap there; a swipe that
     * nothing answers scrolls, or throws a sheet off; one from the edge that is not the device's back is a swipe; a
     * secondary press that nothing answers is nothing.
     *
     * @param x px from the device's left edge
     * @param y px from its top
     */
    static Meant of(Prototype prototype, Situation now, Gesture gesture, double x, double y, Scrolled scrolled) {
        Optional<Aim.FieldAt> field =
                gesture == Gesture.TAP && now.drawer().isEmpty() ? Aim.field(prototype, now, x, y) : Optional.empty();
        if (field.isPresent() && !answers(prototype, now, Gesture.TAP, x, y)) {
            return new Types(field.get());
        }
        boolean answered = answers(prototype, now, gesture, x, y);
        if (gesture.isSwipe() && !gesture.isOfEdge() && !answered) {
            Optional<Meant> swiped = swiped(prototype, now, gesture, x);
            if (swiped.isPresent()) {
                return swiped.get();
            }
        }
        if (gesture.isOfEdge() && !answered && !now.device().goesBackBy(gesture)) {
            Gesture swipe = gesture == Gesture.EDGE_SWIPE_LEFT ? Gesture.SWIPE_RIGHT : Gesture.SWIPE_LEFT;
            return of(prototype, now, swipe, x, y, scrolled);
        }
        return gesture == Gesture.SECONDARY_PRESS && !answered
                ? new Nothing()
                : new Does(Aim.gesture(prototype, now, gesture, x, y, scrolled));
    }

    /** Whether an event that does nothing is a miss: not where it scrolls, nor where a header's list comes or goes. */
    static boolean canMiss(Prototype prototype, Event event) {
        Event plain = event.plain() instanceof Event.OnList on ? on.event() : event.plain();
        return !(plain instanceof Event.Scroll)
                && HeaderPlace.listing(prototype, event).isEmpty();
    }

    /** Whether a link answers to a gesture there. */
    static boolean answers(Prototype prototype, Situation now, Gesture gesture, double x, double y) {
        return !now.left() && Aim.isAnswered(prototype, now, gesture, Aim.gesture(prototype, now, gesture, x, y));
    }

    /** What coming onto a point hovers; empty where nothing answers to that. */
    static Optional<Event> hovered(Prototype prototype, Situation now, double x, double y) {
        return answers(prototype, now, Gesture.HOVER, x, y)
                ? Optional.of(Aim.gesture(prototype, now, Gesture.HOVER, x, y))
                : Optional.empty();
    }

    /**
     * What a key presses; empty where no link answers to it.
     *
     * @param key its name
     */
    static Optional<Event> pressed(Prototype prototype, Situation now, String key) {
        if (now.left() || Gesture.KEY.refusedBy(now.device()).isPresent()) {
            return Optional.empty();
        }
        Event event = Aim.key(prototype, now, key);
        return event instanceof Event.Touched t
                        && (t.on() instanceof Event.On.OnHotspot
                                || prototype.screen(now.screen()).stream()
                                        .flatMap(s -> s.links().stream())
                                        .anyMatch(l -> l.cause().equals(new Cause.Touch(Gesture.KEY, key))))
                ? Optional.of(event)
                : Optional.empty();
    }

    /**
     * What scrolling a page, or the list beside it, does; a sheet with a second stop goes to that first. Empty where it
     * is at its end.
     *
     * @param by px, down
     * @param x px from the device's left edge
     */
    static Optional<Event> scrolled(Prototype prototype, Situation now, double by, double x) {
        Under under = Under.at(prototype, now, x);
        return under.placement(prototype).flatMap(p -> {
            double at = under.scroll();
            double to =
                    at < p.rise() || at + by < p.rise() ? by > 0 ? p.rise() : 0 : Math.clamp(at + by, 0, p.maxScroll());
            Event scroll = new Event.Scroll(to);
            return to == at ? Optional.empty() : Optional.of(under.isList() ? new Event.OnList(scroll) : scroll);
        });
    }

    /** What no link answers to scrolls, or throws a sheet off; empty where it does neither. */
    private static Optional<Meant> swiped(Prototype prototype, Situation now, Gesture gesture, double x) {
        boolean vertical = gesture == Gesture.SWIPE_UP || gesture == Gesture.SWIPE_DOWN;
        double by = (gesture == Gesture.SWIPE_UP ? 1 : -1) * now.height() / 2;
        if (now.drawer().isPresent()) {
            return vertical ? Optional.of(new RollsDrawer(by)) : Optional.empty();
        }
        Under under = Under.at(prototype, now, x);
        Optional<Placement> placement = under.placement(prototype);
        double at = under.scroll();
        if (placement.isPresent()
                && (gesture == Gesture.SWIPE_UP && at < placement.get().maxScroll()
                        || gesture == Gesture.SWIPE_DOWN && at > 0)) {
            return Optional.of(
                    scrolled(prototype, now, by, x).<Meant>map(Does::new).orElseGet(Nothing::new));
        }
        boolean sheet = !now.top().kind().base() && now.top().kind().form() == Form.SHEET;
        return sheet && gesture == Gesture.SWIPE_DOWN
                ? Optional.of(new Does(new Event.Touched(Gesture.TAP, new Event.On.Away())))
                : Optional.empty();
    }
}
