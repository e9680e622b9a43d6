package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.play.Happening;
import pandel.core.play.layout.Aim;
import pandel.core.play.layout.StripPlace;
import pandel.core.play.situation.Situation;
import pandel.core.play.touch.Follows;
import pandel.core.play.touch.Meant;
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

    /** A strip with more tabs than fit, the rows of the drawer that is out, else what lies there. */
    private void wheel(double by, double x, double y) {
        Optional<StripPlace> strip = strip(x, y);
        if (strip.isPresent()) {
            device.strips().roll(strip.get(), by);
        } else if (played.get().isPresent() && !device.scrollDrawer(by)) {
            played.get()
                    .flatMap(now -> Meant.scrolled(prototype.get(), now, by, x))
                    .ifPresent(act::play);
        }
    }

    @Override
    public Optional<StripPlace> strip(double x, double y) {
        return played.get().flatMap(now -> Aim.strip(prototype.get(), now, x, y));
    }

    @Override
    public boolean answers(Gesture gesture, double x, double y) {
        return played.get()
                .filter(now -> Meant.answers(prototype.get(), now, gesture, x, y))
                .isPresent();
    }

    @Override
    public Optional<Touched.Lifts> lifts(double x, double y) {
        return played.get()
                .flatMap(now -> Follows.sheet(prototype.get(), now, x, y)
                        .map(sheet -> new Touched.Lifts(
                                prototype.get(),
                                now,
                                sheet.placement(),
                                sheet.from(),
                                sheet.away().map(away -> () -> act.play(away)),
                                to -> act.play(new Event.Scroll(to)))));
    }

    @Override
    public Optional<Touched.Draws> draws(double x, double y) {
        return played.get()
                .flatMap(now -> Follows.drawer(prototype.get(), now, x, y)
                        .map(drawn -> new Touched.Draws(
                                prototype.get(), now, drawn.drawer(), drawn.out(), () -> act.play(drawn.release()))));
    }

    @Override
    public Optional<Touched.Pulled> pulls(double x, double y, boolean onward) {
        return played.get()
                .flatMap(now -> Follows.page(prototype.get(), now, x, y, onward)
                        .map(page -> new Touched.Pulled(prototype.get(), page.to())));
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
        switch (Meant.of(prototype.get(), now, gesture, x, y, device.scrolled())) {
            case Meant.Types types -> typing.accept(types.field());
            case Meant.RollsDrawer rolls -> device.scrollDrawer(rolls.by());
            case Meant.Does does -> play(does.event(), x, y);
            case Meant.Nothing nothing -> {}
        }
    }

    /** A touch that does nothing leaves a ring. */
    private void play(Event event, double x, double y) {
        Happening what = act.play(event);
        if ((what instanceof Happening.Nothing || what instanceof Happening.Refused)
                && Meant.canMiss(prototype.get(), event)) {
            device.ring(x, y);
        }
    }

    /**
     * Whether a link answers to a key; then it is pressed.
     *
     * @param key its name
     */
    boolean key(String key) {
        Optional<Event> pressed = played.get().flatMap(now -> Meant.pressed(prototype.get(), now, key));
        pressed.ifPresent(act::play);
        return pressed.isPresent();
    }

    /** Only coming onto something counts; what changed under a resting pointer was not hovered. */
    private void hover(double x, double y) {
        Optional<Event> over = played.get().flatMap(now -> Meant.hovered(prototype.get(), now, x, y));
        boolean fresh = over.isPresent() && !over.equals(hovered);
        hovered = over;
        if (fresh) {
            act.play(over.get());
        }
    }
}
