package pandel.player;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.model.remark.Remark;
import pandel.core.model.start.Start;
import pandel.core.model.value.Value;
import pandel.core.play.EventWords;
import pandel.core.play.Happening;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.Tape;
import pandel.core.play.WorkClock;
import pandel.core.play.layout.Aim;
import pandel.core.play.layout.AnswerPlace;
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.layout.Scrolled;
import pandel.core.play.layout.StripPlace;
import pandel.core.play.situation.Situation;
import pandel.core.play.touch.Follows;
import pandel.core.play.touch.Meant;
import pandel.player.seen.Seeing;

/** One play of a prototype: where it stands, and what is seen besides (what is scrolled, listed and asked). */
public final class Player {

    private final Prototype prototype;
    private final Map<String, String> always = new HashMap<>();
    private final Map<String, Double> strips = new HashMap<>();
    private final WorkClock works = new WorkClock();
    private Situation now;
    private Tape tape;
    private double drawer;
    private Optional<String> listed = Optional.empty();
    private Optional<Event> hovered = Optional.empty();
    private Optional<Event> asked = Optional.empty();

    private Player(Prototype prototype, Tape tape) {
        this.prototype = prototype;
        this.tape = tape;
        this.now = tape.now();
    }

    /** A play that begins somewhere on a device; empty where it cannot. */
    public static Optional<Player> of(Prototype prototype, Start start, Device device) {
        return Tape.from(prototype, start, device).map(t -> new Player(prototype, t));
    }

    /** The same events with a changed prototype; empty where they cannot begin there. */
    public Optional<Player> changed(Prototype next, Device device) {
        return tape.replayed(next, device).map(t -> {
            Player player = new Player(next, t);
            player.always.putAll(always);
            player.strips.putAll(strips);
            return player;
        });
    }

    public Situation now() {
        return now;
    }

    /** The step that it stands at, for a remark; empty where more led to it than a remark keeps. */
    public Optional<Remark.Step> step() {
        return tape.step();
    }

    /** What is to be drawn, nothing having been done. */
    public Answered shown() {
        return answered("", false, Optional.empty());
    }

    /** Begins somewhere else; where that cannot be, nothing changes. */
    public Answered begin(Start start) {
        Optional<Tape> there = Tape.from(prototype, start, now.device());
        if (there.isEmpty()) {
            return answered(Situation.whyNoStart(prototype, start).orElse(""), false, Optional.empty());
        }
        double width = now.width();
        double height = now.height();
        boolean sized = width != now.device().width() || height != now.device().height();
        tape = there.get();
        now = tape.now();
        asked = Optional.empty();
        listed = Optional.empty();
        drawer = 0;
        strips.clear();
        if (sized) {
            keep(new Event.Resize(width, height), new Step(prototype).step(now, new Event.Resize(width, height)));
        }
        return shown();
    }

    /** Begins once more where it began. */
    public Answered startOver() {
        return begin(tape.entry());
    }

    private void keep(Event event, Stepped stepped) {
        tape = tape.then(event, stepped);
        now = stepped.situation();
    }

    private Scrolled scrolled() {
        return new Scrolled(drawer, strips, listed);
    }

    /** Sends an event to {@code step}. */
    public Answered act(Event event) {
        Optional<String> drawerBefore = now.drawer();
        Stepped stepped = new Step(prototype).step(now, event);
        Happening what = stepped.happening();
        keep(event, stepped);
        if (what instanceof Happening.Asks asks) {
            Optional<String> kept =
                    asks.link().map(always::get).filter(o -> asks.outcomes().contains(o));
            if (kept.isPresent()) {
                return act(event.turning(kept.get()));
            }
            return ask(event, asks);
        }
        asked = Optional.empty();
        listed = HeaderPlace.listedAfter(prototype, listed, event);
        if (!now.drawer().equals(drawerBefore)) {
            drawer = 0;
        }
        return answered(what);
    }

    private Answered answered(Happening what) {
        return switch (what) {
            case Happening.Moved m -> answered(EventWords.ledOut(m), false, Optional.of(move(m)));
            case Happening.LedOut out -> answered(EventWords.ledOut(out), false, Optional.empty());
            case Happening.Nothing n -> answered(n.why(), true, Optional.empty());
            case Happening.Refused r -> answered(r.why(), true, Optional.empty());
            default -> answered("", false, Optional.empty());
        };
    }

    private static Answered.Move move(Happening.Moved moved) {
        return new Answered.Move(
                moved.motion().kind().word(),
                moved.motion().direction().word(),
                moved.motion().ms(),
                moved.motion().easing(),
                moved.backward());
    }

    private Answered answered(String told, boolean ring, Optional<Answered.Move> motion) {
        return new Answered(
                told, ring, motion, Optional.empty(), Optional.empty(), "", Seeing.of(prototype, now, scrolled()));
    }

    private Answered ask(Event event, Happening.Asks asks) {
        asked = Optional.of(event.plain() instanceof Event.Elapse ? new Event.Elapse(0) : event);
        Answered plain = shown();
        return new Answered(
                "",
                false,
                Optional.empty(),
                Optional.of(
                        new Answered.Asked(EventWords.capital(EventWords.of(prototype, now, event)), asks.outcomes())),
                Optional.empty(),
                "",
                plain.seen());
    }

    /**
     * What is asked turns out so.
     *
     * @param keep whether it is to do so from now on, unasked
     */
    public Answered turn(String outcome, boolean keep) {
        if (asked.isEmpty()) {
            return shown();
        }
        Event event = asked.get();
        if (keep
                && new Step(prototype).step(now, event).happening() instanceof Happening.Asks asks
                && asks.link().isPresent()) {
            always.put(asks.link().get(), outcome);
        }
        return act(event.turning(outcome));
    }

    /** Nothing is asked any more. */
    public Answered leaveOpen() {
        asked = Optional.empty();
        return shown();
    }

    /** Whether a link answers to a gesture there. */
    public boolean answers(Gesture gesture, double x, double y) {
        return Meant.answers(prototype, now, gesture, x, y);
    }

    /** What a finger is on that answers a gesture. */
    public Optional<AnswerPlace> answering(double x, double y) {
        return asked.isPresent() ? Optional.empty() : AnswerPlace.at(prototype, now, x, y, scrolled());
    }

    /** A gesture that began somewhere, any but hovering. */
    public Answered gesture(Gesture gesture, double x, double y) {
        if (asked.isPresent()) {
            return leaveOpen();
        }
        return switch (Meant.of(prototype, now, gesture, x, y, scrolled())) {
            case Meant.Does does -> touched(does.event());
            case Meant.Types types -> types(types.field());
            case Meant.RollsDrawer rolls -> rolled(rolls.by());
            case Meant.Nothing nothing -> shown();
        };
    }

    /** Only a miss leaves a ring. */
    private Answered touched(Event event) {
        Answered answered = act(event);
        return answered.ring() && !Meant.canMiss(prototype, event) ? shown() : answered;
    }

    private Answered types(Aim.FieldAt field) {
        Value typed = now.known().held().typed().get(field.id());
        return new Answered(
                "",
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.of(field),
                typed == null ? "" : typed.shown(),
                shown().seen());
    }

    private Answered rolled(double by) {
        drawer = Math.max(0, drawer + by);
        Answered answered = shown();
        answered.seen().drawer().ifPresent(d -> drawer = d.rolled());
        return answered;
    }

    /** The pointer comes onto something: only that counts; what changed under a resting pointer was not hovered. */
    public Optional<Answered> hover(double x, double y) {
        Optional<Event> over = asked.isPresent() ? Optional.empty() : Meant.hovered(prototype, now, x, y);
        boolean fresh = over.isPresent() && !over.equals(hovered);
        hovered = over;
        return fresh ? over.map(this::act) : Optional.empty();
    }

    /**
     * A key is pressed; empty where no link answers to it.
     *
     * @param name of the key
     */
    public Optional<Answered> key(String name) {
        return asked.isPresent()
                ? Optional.empty()
                : Meant.pressed(prototype, now, name).map(this::act);
    }

    /**
     * What lies there is scrolled: a strip with more tabs than fit, the rows of a drawer, a page.
     *
     * @param by px
     */
    public Answered scroll(double by, double x, double y) {
        Optional<StripPlace> strip = Aim.strip(prototype, now, x, y);
        if (strip.isPresent()) {
            strip.get().shown().ifPresent(s -> strips.put(s, strip.get().within(strips.getOrDefault(s, 0.0) + by)));
            return shown();
        }
        if (now.drawer().isPresent()) {
            return rolled(by);
        }
        return Meant.scrolled(prototype, now, by, x).map(this::act).orElseGet(this::shown);
    }

    /**
     * Time passes; empty where nothing is seen of it.
     *
     * @param ms since it was told last
     */
    public Optional<Answered> passed(int ms) {
        if (asked.isPresent() || now.left() || now.isStill()) {
            return Optional.empty();
        }
        Optional<String> done = works.passed(now, ms);
        if (done.isPresent()) {
            return Optional.of(act(new Event.Done(done.get())));
        }
        boolean said = now.notice().isPresent();
        Stepped stepped = new Step(prototype).step(now, new Event.Elapse(ms));
        if (stepped.happening() instanceof Happening.Passed) {
            keep(new Event.Elapse(ms), stepped);
            return said && now.notice().isEmpty() ? Optional.of(shown()) : Optional.empty();
        }
        return Optional.of(act(new Event.Elapse(ms)));
    }

    /** What follows a finger drawn sideways: a drawer or a page. */
    public Optional<Follows> follows(double x, double y, boolean onward) {
        return asked.isPresent()
                ? Optional.empty()
                : Follows.drawer(prototype, now, x, y)
                        .<Follows>map(d -> d)
                        .or(() -> Follows.page(prototype, now, x, y, onward));
    }

    /** The sheet that follows a finger drawn up or down. */
    public Optional<Follows.Sheet> lifts(double x, double y) {
        return asked.isPresent() ? Optional.empty() : Follows.sheet(prototype, now, x, y);
    }
}
