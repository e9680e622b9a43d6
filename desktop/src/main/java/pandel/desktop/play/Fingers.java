package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import pandel.core.model.Cause;
import pandel.core.model.Event;
import pandel.core.model.Form;
import pandel.core.model.Gesture;
import pandel.core.model.Prototype;
import pandel.core.play.Aim;
import pandel.core.play.Happening;
import pandel.core.play.Placement;
import pandel.core.play.Situation;
import pandel.desktop.device.DeviceView;

/** What fingers and the mouse do on the device, as events. */
final class Fingers implements DeviceView.Touched {

    private final Supplier<Prototype> prototype;
    private final Supplier<Optional<Situation>> played;
    private final Function<Event, Happening> act;
    private final Runnable stopShowing;
    private final DoubleConsumer scroll;
    private final Consumer<double[]> miss;
    private Optional<Event> hovered = Optional.empty();

    /**
     * @param played      where play stands; empty while it is not played by hand
     * @param act         takes events
     * @param stopShowing a person touches what is shown to them
     * @param scroll      scrolls by px
     * @param miss        told where a touch did nothing, in px of the device
     */
    Fingers(Supplier<Prototype> prototype, Supplier<Optional<Situation>> played, Function<Event, Happening> act, Runnable stopShowing, DoubleConsumer scroll, Consumer<double[]> miss) {
        this.prototype = prototype;
        this.played = played;
        this.act = act;
        this.stopShowing = stopShowing;
        this.scroll = scroll;
        this.miss = miss;
    }

    /** Scrolls by the wheel as well. */
    void follow(Node wheel) {
        wheel.setOnScroll(e -> scroll.accept(-e.getDeltaY()));
    }

    @Override
    public boolean answers(Gesture gesture, double x, double y) {
        return played.get().filter(now -> !now.left()).filter(now -> isAnswered(now, gesture, Aim.gesture(prototype.get(), now, gesture, x, y))).isPresent();
    }

    private boolean isAnswered(Situation now, Gesture gesture, Event event) {
        return event instanceof Event.Touched touched && touched.gesture() == gesture && (touched.on() instanceof Event.On.OnHotspot
                || touched.on() instanceof Event.On.Point && prototype.get().screen(now.screen()).stream().flatMap(s -> s.links().stream())
                .anyMatch(l -> l.cause().equals(new Cause.Touch(gesture))));
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
        boolean answered = answers(gesture, x, y);
        if (gesture.isSwipe() && !answered && swiped(now, gesture)) {
            return;
        }
        if (gesture == Gesture.SECONDARY_PRESS && !answered) {
            return;
        }
        Happening what = act.apply(Aim.gesture(prototype.get(), now, gesture, x, y));
        if (what instanceof Happening.Nothing || what instanceof Happening.Refused) {
            miss.accept(new double[] {x, y});
        }
    }

    /** What no link answers to scrolls, or throws a sheet off. */
    private boolean swiped(Situation now, Gesture gesture) {
        Optional<Placement> placement = now.look(prototype.get()).map(l -> Placement.of(l, now.width(), now.height()));
        double at = now.top().trail().current().scroll();
        boolean sheet = !now.top().kind().base() && now.top().kind().form() == Form.SHEET;
        if (placement.isPresent() && (gesture == Gesture.SWIPE_UP && at < placement.get().maxScroll() || gesture == Gesture.SWIPE_DOWN && at > 0)) {
            scroll.accept((gesture == Gesture.SWIPE_UP ? 1 : -1) * now.height() / 2);
            return true;
        }
        if (sheet && gesture == Gesture.SWIPE_DOWN) {
            act.apply(new Event.Touched(Gesture.TAP, new Event.On.Away()));
            return true;
        }
        return false;
    }

    /** Only coming onto something counts; what changed under a resting pointer was not hovered. */
    private void hover(double x, double y) {
        Optional<Event> over = played.get().filter(now -> answers(Gesture.HOVER, x, y)).map(now -> Aim.gesture(prototype.get(), now, Gesture.HOVER, x, y));
        boolean fresh = over.isPresent() && !over.equals(hovered);
        hovered = over;
        if (fresh) {
            act.apply(over.get());
        }
    }
}
