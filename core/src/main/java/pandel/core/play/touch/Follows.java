package pandel.core.play.touch;

import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.play.Happening;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.layout.Aim;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Under;
import pandel.core.play.situation.Situation;

/** What follows a finger that is drawn over a device, until it is let go. */
public sealed interface Follows {

    /**
     * A page or tab about to be turned.
     *
     * @param to how it stands there; empty: there is none, and it gives only a little
     */
    record Page(Optional<Situation> to) implements Follows {}

    /**
     * A drawer.
     *
     * @param out whether it is drawn out; else it is put back in
     * @param release what happens when it is let go on its way there
     */
    record ADrawer(Drawer drawer, boolean out, Event release) implements Follows {}

    /**
     * A sheet.
     *
     * @param from px it is scrolled
     * @param away what happens when it is thrown off; empty: it cannot be
     */
    record Sheet(Placement placement, double from, Optional<Event> away) implements Follows {}

    /**
     * The page that a sideways drag from a point turns; empty: it turns none.
     *
     * @param onward whether to the one after
     */
    static Optional<Page> page(Prototype prototype, Situation now, double x, double y, boolean onward) {
        Gesture swipe = onward ? Gesture.SWIPE_LEFT : Gesture.SWIPE_RIGHT;
        boolean tabs = Aim.isForTabs(prototype, now, swipe, x, y);
        if (!tabs && Aim.turn(prototype, now, swipe, x, y).isEmpty()) {
            return Optional.empty();
        }
        Stepped stepped = new Step(prototype).step(now, new Event.Touched(swipe, new Event.On.Point(x, y)));
        Situation then = stepped.situation();
        boolean turns = stepped.happening() instanceof Happening.Moved
                && then.levels().size() == now.levels().size()
                && (tabs || sequence(then).equals(sequence(now)));
        return Optional.of(new Page(turns ? Optional.of(then) : Optional.empty()));
    }

    private static Optional<String> sequence(Situation now) {
        return now.top().trail().current().at().map(AtPage::sequence);
    }

    /** The drawer that a sideways drag from a point moves: out from its edge; back in from anywhere while it is out. */
    static Optional<ADrawer> drawer(Prototype prototype, Situation now, double x, double y) {
        if (now.left() || !now.device().swipes()) {
            return Optional.empty();
        }
        Optional<Drawer> open = now.drawer().flatMap(prototype::drawer);
        return open.isPresent()
                ? Optional.of(new ADrawer(open.get(), false, new Event.Touched(Gesture.TAP, new Event.On.Away())))
                : Aim.pulled(prototype, now, x, y)
                        .map(d -> new ADrawer(
                                d, true, new Event.Touched(d.panel().side().edge(), new Event.On.Point(x, y))));
    }

    /** The sheet on top, where no link answers a swipe up or down from a point on it. */
    static Optional<Sheet> sheet(Prototype prototype, Situation now, double x, double y) {
        if (now.left()
                || now.drawer().isPresent()
                || !now.device().swipes()
                || now.top().kind().base()
                || now.top().kind().form() != Form.SHEET
                || Meant.answers(prototype, now, Gesture.SWIPE_UP, x, y)
                || Meant.answers(prototype, now, Gesture.SWIPE_DOWN, x, y)) {
            return Optional.empty();
        }
        double scroll = now.top().trail().current().scroll();
        return Under.at(prototype, now, x)
                .placement(prototype)
                .filter(p -> p.holds(x, y, scroll))
                .map(p -> new Sheet(
                        p,
                        Math.min(scroll, p.maxScroll()),
                        now.top().kind().closers().contains(Closer.AWAY)
                                ? Optional.of(new Event.Touched(Gesture.TAP, new Event.On.Away()))
                                : Optional.empty()));
    }
}
