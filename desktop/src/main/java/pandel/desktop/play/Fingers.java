package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
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
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.StripPlace;
import pandel.core.play.layout.Under;
import pandel.core.play.situation.Situation;
import pandel.desktop.device.DeviceView;
import pandel.desktop.device.Touched;

/** What fingers and the mouse do on the device, as events. */
final class Fingers implements Touched {

    private final Supplier<Prototype> prototype;
    private final Supplier<Optional<Situation>> played;
    private final EventPlayer act;
    private final Runnable stopShowing;
    private final DeviceView device;
    private final Consumer<Aim.FieldAt> typing;
    private Optional<Event> hovered = Optional.empty();

    /**
     * @param played where play stands; empty while it is not played by hand
     * @param act takes events
     * @param stopShowing a person touches what is shown to them
     * @param device that is touched
     * @param typing told which field is to be typed in
     */
    Fingers(
            Supplier<Prototype> prototype,
            Supplier<Optional<Situation>> played,
            EventPlayer act,
            Runnable stopShowing,
            DeviceView device,
            Consumer<Aim.FieldAt> typing) {
        this.prototype = prototype;
        this.played = played;
        this.act = act;
        this.stopShowing = stopShowing;
        this.device = device;
        this.typing = typing;
        device.onGesture(this);
        device.setOnScroll(e -> wheel(-e.getDeltaY(), e.getX() / device.scale(), e.getY() / device.scale()));
    }

    /** A strip with more tabs than fit, else what lies there. */
    private void wheel(double by, double x, double y) {
        strip(x, y).ifPresentOrElse(strip -> device.strips().roll(strip, by), () -> scroll(by, x));
    }

    @Override
    public Optional<StripPlace> strip(double x, double y) {
        return played.get().flatMap(now -> Aim.strip(prototype.get(), now, x, y));
    }

    /**
     * The rows of the drawer that is out, or what lies there.
     *
     * @param by px
     * @param x of the device
     */
    private void scroll(double by, double x) {
        Optional<Under> under =
                played.get().filter(s -> !device.scrollDrawer(by)).map(now -> Under.at(prototype.get(), now, x));
        Optional<Placement> placement = under.flatMap(u -> u.placement(prototype.get()));
        if (placement.isPresent()) {
            double at = under.get().scroll();
            double rise = placement.get().rise();
            double to = at < rise || at + by < rise
                    ? by > 0 ? rise : 0
                    : Math.clamp(at + by, 0, placement.get().maxScroll());
            if (to != at) {
                act.play(under.get().isList() ? new Event.OnList(new Event.Scroll(to)) : new Event.Scroll(to));
            }
        }
    }

    @Override
    public boolean answers(Gesture gesture, double x, double y) {
        return played.get()
                .filter(now -> !now.left())
                .filter(now ->
                        Aim.isAnswered(prototype.get(), now, gesture, Aim.gesture(prototype.get(), now, gesture, x, y)))
                .isPresent();
    }

    /** A sheet on top, where no link answers a swipe up or down there. */
    @Override
    public Optional<Touched.Lifts> lifts(double x, double y) {
        Optional<Situation> now = played.get()
                .filter(s -> !s.left()
                        && s.drawer().isEmpty()
                        && s.device().swipes()
                        && !s.top().kind().base()
                        && s.top().kind().form() == Form.SHEET)
                .filter(s -> !answers(Gesture.SWIPE_UP, x, y) && !answers(Gesture.SWIPE_DOWN, x, y));
        return now.flatMap(s -> Under.at(prototype.get(), s, x)
                .placement(prototype.get())
                .filter(p -> p.holds(x, y, s.top().trail().current().scroll()))
                .map(p -> new Touched.Lifts(
                        prototype.get(),
                        s,
                        p,
                        Math.min(s.top().trail().current().scroll(), p.maxScroll()),
                        s.top().kind().closers().contains(Closer.AWAY)
                                ? Optional.of(() -> act.play(new Event.Touched(Gesture.TAP, new Event.On.Away())))
                                : Optional.empty(),
                        to -> act.play(new Event.Scroll(to)))));
    }

    /** Out from its edge; back in from anywhere while it is out. */
    @Override
    public Optional<Touched.Draws> draws(double x, double y) {
        Optional<Situation> now =
                played.get().filter(s -> !s.left() && s.device().swipes());
        Optional<Drawer> open =
                now.flatMap(Situation::drawer).flatMap(id -> prototype.get().drawer(id));
        if (open.isPresent()) {
            return Optional.of(new Touched.Draws(
                    prototype.get(),
                    now.get(),
                    open.get(),
                    false,
                    () -> act.play(new Event.Touched(Gesture.TAP, new Event.On.Away()))));
        }
        return now.flatMap(s -> Aim.pulled(prototype.get(), s, x, y))
                .map(drawer -> new Touched.Draws(
                        prototype.get(),
                        now.get(),
                        drawer,
                        true,
                        () -> act.play(new Event.Touched(drawer.panel().side().edge(), new Event.On.Point(x, y)))));
    }

    @Override
    public Optional<Touched.Pulled> pulls(double x, double y, boolean onward) {
        return played.get().filter(now -> follows(now, swipe(onward), x, y)).map(now -> {
            Stepped stepped =
                    new Step(prototype.get()).step(now, new Event.Touched(swipe(onward), new Event.On.Point(x, y)));
            boolean turns = stepped.happening() instanceof Happening.Moved
                    && stepped.situation().levels().size() == now.levels().size()
                    && (Aim.isForTabs(prototype.get(), now, swipe(onward), x, y)
                            || stepped.situation()
                                    .top()
                                    .trail()
                                    .current()
                                    .at()
                                    .map(AtPage::sequence)
                                    .equals(now.top().trail().current().at().map(AtPage::sequence)));
            return new Touched.Pulled(prototype.get(), turns ? Optional.of(stepped.situation()) : Optional.empty());
        });
    }

    /** Whether a page or tab follows a finger drawn sideways. */
    private boolean follows(Situation now, Gesture gesture, double x, double y) {
        return Aim.turn(prototype.get(), now, gesture, x, y).isPresent()
                || Aim.isForTabs(prototype.get(), now, gesture, x, y);
    }

    private static Gesture swipe(boolean onward) {
        return onward ? Gesture.SWIPE_LEFT : Gesture.SWIPE_RIGHT;
    }

    @Override
    public void gesture(Gesture gesture, double x, double y) {
        if (gesture == Gesture.HOVER) {
            hover(x, y);
            return;
        }
        if (played.get().isEmpty()) {
            stopShowing.run();
            return;
        }
        Situation now = played.get().get();
        Optional<Aim.FieldAt> field = gesture == Gesture.TAP && now.drawer().isEmpty()
                ? Aim.field(prototype.get(), now, x, y)
                : Optional.empty();
        if (field.isPresent() && !answers(Gesture.TAP, x, y)) {
            typing.accept(field.get());
            return;
        }
        boolean answered = answers(gesture, x, y);
        if (gesture.isSwipe() && !gesture.isOfEdge() && !answered && swiped(now, gesture, x)) {
            return;
        }
        if (gesture.isOfEdge() && !answered && !now.device().goesBackBy(gesture)) {
            gesture(gesture == Gesture.EDGE_SWIPE_LEFT ? Gesture.SWIPE_RIGHT : Gesture.SWIPE_LEFT, x, y);
            return;
        }
        if (gesture == Gesture.SECONDARY_PRESS && !answered) {
            return;
        }
        Event event = Aim.gesture(prototype.get(), now, gesture, x, y, device.scrolled());
        Happening what = act.play(event);
        boolean lists = HeaderPlace.listing(prototype.get(), event).isPresent();
        if ((what instanceof Happening.Nothing || what instanceof Happening.Refused) && !lists) {
            device.ring(x, y);
        }
    }

    /**
     * Whether a link answers to a key; then it is pressed.
     *
     * @param key its name
     */
    boolean key(String key) {
        Optional<Event> pressed = played.get()
                .filter(now ->
                        !now.left() && Gesture.KEY.refusedBy(now.device()).isEmpty())
                .map(now -> Aim.key(prototype.get(), now, key))
                .filter(e -> e instanceof Event.Touched t
                        && (t.on() instanceof Event.On.OnHotspot
                                || played.get().stream()
                                        .flatMap(now -> prototype.get().screen(now.screen()).stream())
                                        .flatMap(s -> s.links().stream())
                                        .anyMatch(l -> l.cause().equals(t.touch()))));
        pressed.ifPresent(act::play);
        return pressed.isPresent();
    }

    /** What no link answers to scrolls, or throws a sheet off. */
    private boolean swiped(Situation now, Gesture gesture, double x) {
        if (now.drawer().isPresent()) {
            scroll((gesture == Gesture.SWIPE_UP ? 1 : gesture == Gesture.SWIPE_DOWN ? -1 : 0) * now.height() / 2, x);
            return gesture == Gesture.SWIPE_UP || gesture == Gesture.SWIPE_DOWN;
        }
        Under under = Under.at(prototype.get(), now, x);
        Optional<Placement> placement = under.placement(prototype.get());
        double at = under.scroll();
        boolean sheet = !now.top().kind().base() && now.top().kind().form() == Form.SHEET;
        if (placement.isPresent()
                && (gesture == Gesture.SWIPE_UP && at < placement.get().maxScroll()
                        || gesture == Gesture.SWIPE_DOWN && at > 0)) {
            scroll((gesture == Gesture.SWIPE_UP ? 1 : -1) * now.height() / 2, x);
            return true;
        }
        if (sheet && gesture == Gesture.SWIPE_DOWN) {
            act.play(new Event.Touched(Gesture.TAP, new Event.On.Away()));
            return true;
        }
        return false;
    }

    /** Only coming onto something counts; what changed under a resting pointer was not hovered. */
    private void hover(double x, double y) {
        Optional<Event> over = played.get()
                .filter(now -> answers(Gesture.HOVER, x, y))
                .map(now -> Aim.gesture(prototype.get(), now, Gesture.HOVER, x, y));
        boolean fresh = over.isPresent() && !over.equals(hovered);
        hovered = over;
        if (fresh) {
            act.play(over.get());
        }
    }
}
