package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import pandel.core.model.AtPage;
import pandel.core.model.Cause;
import pandel.core.model.Event;
import pandel.core.model.Form;
import pandel.core.model.Gesture;
import pandel.core.model.Prototype;
import pandel.core.play.Aim;
import pandel.core.play.Happening;
import pandel.core.play.Placement;
import pandel.core.play.Situation;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.desktop.device.DeviceView;

/** What fingers and the mouse do on the device, as events. */
final class Fingers implements DeviceView.Touched {

    private final Supplier<Prototype> prototype;
    private final Supplier<Optional<Situation>> played;
    private final Function<Event, Happening> act;
    private final Runnable stopShowing;
    private final DoubleConsumer scroll;
    private final Consumer<double[]> miss;
    private final Consumer<Aim.FieldAt> typing;
    private Optional<Event> hovered = Optional.empty();

    /**
     * @param played      where play stands; empty while it is not played by hand
     * @param act         takes events
     * @param stopShowing a person touches what is shown to them
     * @param scroll      scrolls by px
     * @param miss        told where a touch did nothing, in px of the device
     * @param typing      told which field is to be typed in
     */
    Fingers(Supplier<Prototype> prototype, Supplier<Optional<Situation>> played, Function<Event, Happening> act, Runnable stopShowing, DoubleConsumer scroll, Consumer<double[]> miss, Consumer<Aim.FieldAt> typing) {
        this.typing = typing;
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
    public Optional<DeviceView.Pulled> pulls(double x, double y, boolean onward) {
        return played.get().filter(now -> follows(now, swipe(onward), x, y)).map(now -> {
            Stepped stepped = new Step(prototype.get()).step(now, new Event.Touched(swipe(onward), new Event.On.Point(x, y)));
            boolean turns = stepped.happening() instanceof Happening.Moved && stepped.situation().levels().size() == now.levels().size() && (Aim.isForTabs(prototype.get(), now, swipe(onward), x, y)
                    || stepped.situation().top().trail().current().at().map(AtPage::sequence).equals(now.top().trail().current().at().map(AtPage::sequence)));
            return new DeviceView.Pulled(prototype.get(), turns ? Optional.of(stepped.situation()) : Optional.empty());
        });
    }

    /** Whether a page or tab follows a finger drawn sideways. */
    private boolean follows(Situation now, Gesture gesture, double x, double y) {
        return Aim.turn(prototype.get(), now, gesture, x, y).isPresent() || Aim.isForTabs(prototype.get(), now, gesture, x, y);
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
        Optional<Aim.FieldAt> field = gesture == Gesture.TAP ? Aim.field(prototype.get(), now, x, y) : Optional.empty();
        if (field.isPresent() && !answers(Gesture.TAP, x, y)) {
            typing.accept(field.get());
            return;
        }
        boolean answered = answers(gesture, x, y);
        if (gesture.isSwipe() && !gesture.isOfEdge() && !answered && swiped(now, gesture)) {
            return;
        }
        if (gesture.isOfEdge() && !answered && !now.device().goesBackBy(gesture)) {
            gesture(gesture == Gesture.EDGE_SWIPE_LEFT ? Gesture.SWIPE_RIGHT : Gesture.SWIPE_LEFT, x, y);
            return;
        }
        if (gesture == Gesture.SECONDARY_PRESS && !answered) {
            return;
        }
        boolean turns = follows(now, gesture, x, y);
        Happening what = act.apply(Aim.gesture(prototype.get(), now, gesture, x, y));
        // At the ends a page gives a little and stays: that is seen, and no miss.
        if (!turns && what instanceof Happening.Nothing || what instanceof Happening.Nothing || what instanceof Happening.Refused) {
            miss.accept(new double[] {x, y});
        }
    }

    /** Whether a link answers to a key; then it is pressed. @param key its name */
    boolean key(String key) {
        Optional<Event> pressed = played.get().filter(now -> !now.left() && Gesture.KEY.refusedBy(now.device()).isEmpty())
                .map(now -> Aim.key(prototype.get(), now, key)).filter(e -> e instanceof Event.Touched t && (t.on() instanceof Event.On.OnHotspot
                        || played.get().stream().flatMap(now -> prototype.get().screen(now.screen()).stream()).flatMap(s -> s.links().stream()).anyMatch(l -> l.cause().equals(t.touch()))));
        pressed.ifPresent(act::apply);
        return pressed.isPresent();
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
