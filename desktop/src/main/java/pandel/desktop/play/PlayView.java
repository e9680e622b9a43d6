package pandel.desktop.play;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.check.finding.Walk;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.remark.Remark;
import pandel.core.model.start.Start;
import pandel.core.play.EventWords;
import pandel.core.play.Happening;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.Tape;
import pandel.core.play.WorkClock;
import pandel.core.play.situation.Situation;
import pandel.desktop.device.BusySign;
import pandel.desktop.device.DeviceView;
import pandel.desktop.device.TouchAnswer;
import pandel.desktop.play.way.TapePane;
import pandel.desktop.play.way.WayEnd;
import pandel.desktop.remark.Remarking;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.StageView;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.OneAFrame;
import pandel.desktop.theme.Scroll;
import pandel.desktop.work.Work;

/** The prototype as it behaves: the device in the middle, the trail, what is possible, the tape. */
public final class PlayView implements StageView {

    private static final double MARGIN = 20;

    final Work work;
    final Remarking remarking;
    final StageWindow around;
    private final PlayClock clock;
    final StackPane node = new StackPane();
    private final BorderPane page = new BorderPane();
    private final StackPane middle = new StackPane();
    private final DeviceView device;
    private final PlaySide trail;
    final PossiblePane possible = new PossiblePane(this::act);
    private final TapePane tapePane;
    private final OneAFrame telling = new OneAFrame();
    final Showing showing = new Showing();
    private final ShowingBar showingBar;
    final PlayControls controls;
    final PlayStarts starts;
    private final StackPane sized = new StackPane();
    private final ScrollPane scroll = new Scroll(sized);
    private final ScrollPane left;
    private final VBox right;
    private final VBox bottom;
    private final WayEnd end;
    final PlaySize size;
    private boolean alone;
    Optional<Tape> tape = Optional.empty();
    private Optional<Start> begun = Optional.empty();
    private boolean visible;
    boolean held;
    final Asking asking;
    private final WorkClock works = new WorkClock();
    private final NoticeLabel notice;
    private final BusySign busy;
    private final Typing typing;
    private final Fingers fingers;
    private final PlayCommands keys = new PlayCommands(this);

    public PlayView(Work work, StageWindow around, PlayClock clock) {
        this.work = work;
        this.remarking = new Remarking(work, around);
        this.around = around;
        this.clock = clock;
        this.size = new PlaySize(around.preferred(), around::say, () -> show(Optional.empty()));
        this.device = new DeviceView(around.pictures());
        this.trail = new PlaySide(around.pictures(), remarking, keys::remark);
        this.tapePane = new TapePane(around.pictures(), this::windTo, keys::keepJourney);
        device.setId("device-view");
        this.asking = new Asking(work, middle, this::act, device::requestFocus);
        typing = new Typing(device, this::now, this::act);
        fingers = new Fingers(work::prototype, this::touchable, this::act, this::stopShowing, device, typing::open);
        this.notice = new NoticeLabel(work::prototype, device, this::act);
        this.busy = new BusySign();
        StackPane frame = new StackPane(device);
        frame.getStyleClass().add("device-frame");
        frame.getChildren()
                .addAll(
                        new TouchAnswer(work::prototype, this::touchable, device),
                        new Lit(work::prototype, this::touchable, device, possible),
                        busy,
                        notice,
                        typing,
                        new DeviceEdge(true, this::now, device, this::act),
                        new DeviceEdge(false, this::now, device, this::act));
        frame.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        sized.getChildren().add(frame);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setFocusTraversable(false);
        middle.getChildren().add(scroll);
        left = Scroll.column(trail, 200);
        showingBar = new ShowingBar(new ShowingBar.Asked(
                () -> showing.next().ifPresent(this::act),
                is -> changeShowing(() -> showing.byStep(is)),
                to -> changeShowing(() -> showing.speed(to)),
                () -> changeShowing(showing::stop)));
        starts = new PlayStarts(work, around, around, this::now, this::playFrom);
        controls = new PlayControls(new PlayControls.Asked(
                this::startOver,
                () -> act(new Event.DeviceBack()),
                this::editThis,
                keys::hurry,
                keys::turnHold,
                size::choose,
                this::turnAlone,
                starts::choose));
        right = new VBox(controls, Scroll.column(possible, 260));
        VBox.setVgrow(right.getChildren().getLast(), javafx.scene.layout.Priority.ALWAYS);
        end = new WayEnd(new WayEnd.Asked(this::startOver, () -> wind(-1), this::editThis, keys::markEnd));
        bottom = new VBox(showingBar, end, tapePane);
        page.setCenter(middle);
        around();
        // Decoding what may come next would steal time from what moves now.
        device.onRest(() -> tape.map(Tape::now)
                .ifPresent(now -> device.prepare(
                        work.prototype(), work.prototype().index().screensFrom(now.screen()), now, device.scale())));
        middle.widthProperty().addListener((o, a, b) -> show(Optional.empty()));
        middle.heightProperty().addListener((o, a, b) -> show(Optional.empty()));
        middle.setMinSize(0, 0);
        work.prototypeProperty().addListener((o, before, now) -> follow(now));
        work.deviceProperty().addListener((o, a, b) -> {
            if (tape.isPresent() && !tape.get().now().device().equals(b)) {
                tape = tape.flatMap(t -> t.replayed(work.prototype(), b));
                show(Optional.empty());
            }
        });
    }

    /** The same events with the changed prototype, or a new start where they no longer begin. */
    private void follow(Prototype now) {
        showing.stop();
        tape = tape.flatMap(t -> t.replayed(now));
        if (visible && tape.isEmpty()) {
            startOver();
        } else {
            show(Optional.empty());
        }
    }

    void startOver() {
        asking.dismiss();
        showing.stop();
        begun = begun.flatMap(s -> work.prototype().start(s.id()));
        tape = begun.flatMap(s -> Tape.from(work.prototype(), s, work.device()))
                .or(() -> work.prototype().mainEntry().flatMap(e -> Tape.from(work.prototype(), e, work.device())));
        show(Optional.empty());
    }

    /** Begins at an entry or start point; starting over comes back to it. */
    public void playFrom(Start start) {
        Situation.whyNoStart(work.prototype(), start).ifPresentOrElse(around::say, () -> {
            begun = Optional.of(start);
            startOver();
        });
    }

    /**
     * Plays a list of events from its start, one after the other.
     *
     * @param title what it is; may be empty
     * @param byStep whether each step waits to be asked for
     */
    public void play(String title, Walk walk, boolean byStep) {
        work.use(work.prototype().device(walk.device().id()));
        tape = Tape.from(work.prototype(), walk.entry(), walk.device());
        showing.begin(title, walk.events(), byStep);
        show(Optional.empty());
    }

    private void stopShowing() {
        showing.stop();
        asking.dismiss();
        show(Optional.empty());
    }

    Happening act(Event event) {
        if (tape.isEmpty()) {
            return new Happening.Nothing(Optional.empty(), "");
        }
        Stepped stepped = new Step(work.prototype()).step(tape.get().now(), event);
        tape = tape.map(t -> t.then(event, stepped));
        if (stepped.happening() instanceof Happening.Asks asks && !showing.isOn()) {
            asking.ask(tape.orElseThrow().now(), event, asks);
            return asks;
        }
        asking.dismiss();
        device.done(work.prototype(), event);
        Happening what = stepped.happening();
        show(what instanceof Happening.Moved moved ? Optional.of(moved) : Optional.empty());
        String ledOut = EventWords.ledOut(what);
        if (!ledOut.isEmpty()) {
            around.say(ledOut);
        }
        return what;
    }

    private void passed(int ms) {
        if (tape.isEmpty()) {
            return;
        }
        if (showing.isOn()) {
            showing.passed(ms, around.preferred().now().wordsAMinute()).ifPresent(this::act);
            return;
        }
        Tape before = tape.get();
        boolean still = before.now().isStill();
        if (held || asking.isOn() || still || before.at() < before.ticks().size() - 1) {
            return;
        }
        Optional<String> done = works.passed(before.now(), ms);
        if (done.isPresent()) {
            act(new Event.Done(done.get()));
            return;
        }
        Event elapsed = new Event.Elapse(ms);
        Stepped stepped = new Step(work.prototype()).step(before.now(), elapsed);
        Tape after = before.then(elapsed, stepped);
        tape = Optional.of(after);
        if (stepped.happening() instanceof Happening.Asks asks) {
            asking.ask(after.now(), new Event.Elapse(0), asks);
            return;
        }
        notice.show(after.now());
        if (after.ticks().size() == before.ticks().size() && after.at() == before.at()) {
            possible.showWaits(work.prototype(), after.now());
        } else {
            show(after.current()
                    .what()
                    .flatMap(h -> h instanceof Happening.Moved m ? Optional.of(m) : Optional.empty()));
        }
    }

    private void windTo(int tick) {
        asking.dismiss();
        showing.stop();
        tape = tape.map(t -> t.windTo(tick));
        show(Optional.empty());
    }

    /** Stands where a play elsewhere stands; starting over comes back to where that began. */
    public void standAt(Remark.Step step) {
        begun = work.prototype().start(step.start());
        begun.ifPresent(start -> {
            work.use(work.prototype().device(step.device()));
            asking.dismiss();
            showing.stop();
            tape = Tape.of(work.prototype(), start, work.device(), step.events());
            show(Optional.empty());
        });
    }

    /** The device alone on the whole screen, or everything around it again. */
    void turnAlone() {
        alone = !alone;
        around.alone(alone);
        around();
        if (alone) {
            around.say("F11 brings everything else back.");
        }
        show(Optional.empty());
    }

    private void around() {
        page.setLeft(alone ? null : left);
        page.setRight(alone ? null : right);
        page.setBottom(alone ? null : bottom);
    }

    void editThis() {
        now().ifPresent(s -> {
            work.selection().choose(s.screen());
            around.go(WorkStage.LINKS);
        });
    }

    void wind(int by) {
        tape.ifPresent(t -> windTo(t.at() + by));
    }

    private void show(Optional<Happening.Moved> moved) {
        if (tape.isEmpty()) {
            if (visible) {
                node.getChildren().setAll(PlayStarts.none(work, around));
            }
            return;
        }
        if (!node.getChildren().contains(page)) {
            node.getChildren().setAll(page);
        }
        Situation now = tape.get().now();
        double margin = alone ? 2 : MARGIN;
        double scale = size.scale(now, middle.getWidth() - 2 * margin, middle.getHeight() - 2 * margin);
        if (scale > 0) {
            device.show(work.prototype(), now, scale, moved);
        }
        notice.show(now);
        busy.show(work.prototype(), now, scale);
        typing.follow(now);
        controls.refresh(held, size.now());
        showingBar.refresh(showing);
        // Everything else is told while it moves, a part in each frame; by key, what is possible now counts at once.
        possible.follow(work.prototype(), now);
        List<Runnable> parts = List.of(
                () -> trail.show(work.prototype(), now),
                () -> possible.show(work.prototype(), now),
                () -> tape.ifPresent(t -> tapePane.show(work.prototype(), t)),
                () -> tape.filter(t -> !showing.isOn()).ifPresent(t -> end.show(work.prototype(), t)));
        if (device.isMoving()) {
            telling.later(parts);
        } else {
            telling.now(parts);
        }
    }

    /** Whether all of it shows what is played. */
    public boolean isTold() {
        return telling.isDone();
    }

    /** The situation shown, if anything is played. */
    public Optional<Situation> now() {
        return tape.map(Tape::now);
    }

    private Optional<Situation> touchable() {
        return showing.isOn() || asking.isOn() ? Optional.empty() : now();
    }

    private void changeShowing(Runnable change) {
        change.run();
        showingBar.refresh(showing);
    }

    @Override
    public boolean takesKey(String key) {
        return visible && !showing.isOn() && !asking.isOn() && fingers.key(key);
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void shown() {
        visible = true;
        if (tape.isEmpty()) {
            startOver();
        } else {
            show(Optional.empty());
        }
        clock.start(this::passed);
        // What scrolls holds the device only once it has been styled and laid out.
        node.applyCss();
        node.layout();
        device.requestFocus();
    }

    @Override
    public void hidden() {
        visible = false;
        asking.dismiss();
        showing.stop();
        if (alone) {
            turnAlone();
        }
        clock.stop();
        device.finishMotion();
    }

    @Override
    public List<Command> commands() {
        return keys.commands();
    }
}
