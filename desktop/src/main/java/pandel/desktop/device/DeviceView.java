package pandel.desktop.device;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.animation.Animation;
import javafx.application.Platform;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.play.Happening;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Room;
import pandel.core.play.layout.Scrolled;
import pandel.core.play.layout.Under;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.Pace;

/** A device with all its levels as they stand, and their motion from one situation to the next. */
public final class DeviceView extends Pane {

    /** Share of its way at which a drawer that is let go goes on. */
    static final double HALFWAY = 0.5;

    private final PictureLibrary pictures;
    final List<LevelView> levels = new ArrayList<>();
    private Optional<Animation> running = Optional.empty();
    private Runnable settle = () -> {};
    Runnable onRest = () -> {};
    double scale = 1;
    /** Interface px that the current page is drawn aside by a finger. */
    private double pulledBy;

    private Optional<Drawn> drawn = Optional.empty();
    final DrawerLayer drawers;
    private final HeaderLayer headers;
    /** Lists beside the current places, by their levels. */
    private List<Optional<LevelView>> beside = List.of();

    Optional<Touched.Draws> draws = Optional.empty();
    private Optional<SheetLift> lift = Optional.empty();
    private final StripRolls strips = new StripRolls(() -> levels.forEach(LevelView::placeStrips));
    private final DrawerFollowing following = new DrawerFollowing(this);

    public DeviceView(PictureLibrary pictures) {
        this.pictures = pictures;
        this.drawers = new DrawerLayer(pictures);
        this.headers = new HeaderLayer(pictures);
        getStyleClass().add("device");
        setMinSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
    }

    /**
     * What a finger draws, from its first px that way until it is let go.
     *
     * @param beside the page that comes in; empty: there is none
     */
    private record Drawn(boolean onward, Optional<LevelView> beside) {}

    /** Tells of each gesture. A long press that nothing answers becomes a tap when it is let go. */
    public void onGesture(Touched touched) {
        Gestures.on(this, new DeviceTouches(this, touched));
    }

    /**
     * A sheet follows a finger up or down.
     *
     * @param by interface px it was drawn
     * @return whether one does
     */
    boolean lifted(Touched touched, double x, double y, double by) {
        if (lift.isEmpty() && !levels.isEmpty()) {
            finishMotion();
            lift = touched.lifts(x / scale, y / scale).map(asked -> new SheetLift(asked, levels.getLast(), scale));
        }
        lift.ifPresent(l -> l.follow(by));
        return lift.isPresent();
    }

    void letDown(double by, boolean thrown) {
        Optional<SheetLift> let = lift;
        lift = Optional.empty();
        let.flatMap(l -> l.letGo(by, thrown)).ifPresent(animation -> run(animation, levels.getLast()::still));
    }

    /**
     * Plays what moves until it is at its end.
     *
     * @param end what is done then
     */
    void run(Animation animation, Runnable end) {
        settle = () -> {
            running = Optional.empty();
            end.run();
            onRest.run();
        };
        running = Optional.of(animation);
        animation.setOnFinished(e -> settle.run());
        animation.play();
    }

    /** @return whether a drawer followed the finger */
    boolean letGo(double by, boolean thrown, boolean turned) {
        if (draws.isPresent()) {
            following.letGoOfDrawer(by, thrown);
            return true;
        }
        if (!turned) {
            springBack();
        }
        return false;
    }

    /** Interface px for each px of the device. */
    public double scale() {
        return scale;
    }

    /**
     * Shows a situation; the step is done at once, the picture catches up. A motion that still runs is brought to its
     * end first.
     *
     * @param moved how the last step looks, if it moved
     */
    public void show(Prototype prototype, Situation now, double newScale, Optional<Happening.Moved> moved) {
        finishMotion();
        double begun = pulledBy;
        pulledBy = 0;
        drawn = Optional.empty();
        scale = newScale;
        setPrefSize(Math.rint(now.width() * scale), Math.rint(now.height() * scale));
        List<LevelView> before = new ArrayList<>(levels);
        List<LevelView> arriving = new ArrayList<>();
        levels.clear();
        for (int i = 0; i < now.levels().size(); i++) {
            Level level = now.levels().get(i);
            Optional<Screen> screen = prototype.screen(level.trail().current().screen());
            if (screen.isEmpty()) {
                continue;
            }
            Look look = level.look(prototype, screen.get(), now.facts());
            boolean same =
                    i < before.size() && before.get(i).shows(look, level.trail().depth());
            LevelView view = same
                    ? before.get(i)
                    : new LevelView(pictures, look, level.trail().depth(), i > 0);
            view.know(prototype, level.known(now.facts()));
            view.standAt(prototype, level.trail().current().at());
            view.standIn(prototype, Situation.around(level.trail()), strips::rolled);
            view.head(prototype, Optional.of(Under.current(prototype, HeaderLayer.upTo(now, i))), scale);
            view.place(
                    Room.of(prototype, now, i),
                    Room.ofStrips(prototype, now, i),
                    now.height(),
                    scale,
                    level.trail().current().scroll());
            if (!same) {
                arriving.add(view);
            }
            levels.add(view);
        }
        headers.show(prototype, now, scale);
        List<LevelView> leaving = new ArrayList<>(before);
        leaving.removeAll(levels);
        boolean apart = beside.stream().noneMatch(Optional::isPresent);
        beside = IntStream.range(0, levels.size())
                .mapToObj(i -> LevelView.list(pictures, prototype, now, i, scale))
                .toList();
        // Where a list stays in sight the picture changes at once.
        boolean together = !apart || beside.stream().anyMatch(Optional::isPresent);
        if (following.drawer(prototype, now, before)) {
            return;
        }
        // Where the system asks for less motion, the picture changes at once.
        // What a finger has drawn goes on from there, even where it would else change at once.
        Optional<Happening.Moved> seen = begun == 0
                ? moved
                : moved.map(m -> m.motion().kind() != Motion.Kind.NONE
                        ? m
                        : new Happening.Moved(
                                m.link(),
                                Motion.usualFor(Verb.TURN_PAGE)
                                        .towards(begun < 0 ? Motion.Direction.LEFT : Motion.Direction.RIGHT),
                                false,
                                m.address()));
        seen.filter(m -> !together
                        && !Platform.getPreferences().isReducedMotion()
                        && m.motion().kind() != Motion.Kind.NONE
                        && m.motion().ms() > 0
                        && !(arriving.isEmpty() && leaving.isEmpty()))
                .ifPresentOrElse(m -> move(m, leaving, arriving, begun), () -> {
                    levels.forEach(LevelView::still);
                    rest();
                    onRest.run();
                });
    }

    void rest() {
        getChildren().setAll(drawers.among(levels, beside));
        headers.list().ifPresent(getChildren()::add);
    }

    /** What is scrolled here besides the pages. */
    public Scrolled scrolled() {
        return new Scrolled(drawers.moving().map(DrawerView::scrolled).orElse(0.0), strips.by(), headers.listed());
    }

    /** The actions of a header that do not fit are listed once their sign is touched, until something else is done. */
    public void done(Prototype prototype, Event event) {
        headers.done(prototype, event);
    }

    /** Strips with more tabs than fit. */
    public StripRolls strips() {
        return strips;
    }

    /**
     * Scrolls the rows of the drawer that is out.
     *
     * @param by px
     * @return whether one is out
     */
    public boolean scrollDrawer(double by) {
        drawers.moving().ifPresent(d -> d.scrollTo(d.scrolled() + by));
        return drawers.moving().isPresent();
    }

    /** Called whenever nothing moves any more. */
    public void onRest(Runnable action) {
        onRest = action;
    }

    /** Has the pictures of screens that may come next made ready, so that they are there when they do. */
    public void prepare(Prototype prototype, List<Screen> next, Situation now, double atScale) {
        Map<String, Integer> wide = new LinkedHashMap<>();
        next.forEach(screen -> screen.mockFor(prototype.widths().of(now.width()))
                .filter(Picture.class::isInstance)
                .map(Picture.class::cast)
                .ifPresent(picture -> wide.put(
                        picture.content(),
                        MockView.pixels(
                                this,
                                Math.rint(
                                        Placement.of(screen, Room.whole(prototype.widths(), now.width()), now.height())
                                                        .width()
                                                * atScale)))));
        pictures.expect(wide.keySet(), wide::get);
    }

    /**
     * A page follows the finger, the one beside it too.
     *
     * @param by interface px it was drawn sideways
     */
    boolean pull(Touched touched, double x, double y, double by) {
        if (by == 0 || levels.isEmpty()) {
            return false;
        }
        Optional<Touched.Draws> drawer =
                draws.or(() -> drawn.isPresent() ? Optional.empty() : touched.draws(x / scale, y / scale));
        if (drawer.isPresent()) {
            return following.follow(drawer.get(), by);
        }
        if (drawn.filter(d -> d.onward() == by < 0).isEmpty()) {
            Optional<Touched.Pulled> pulled = touched.pulls(x / scale, y / scale, by < 0);
            if (pulled.isEmpty()) {
                return false;
            }
            draw(pulled.get(), by < 0);
        }
        Optional<LevelView> beside = drawn.orElseThrow().beside();
        pulledBy = Math.rint(beside.isEmpty() ? by / SheetLift.GIVES : Math.clamp(by, -getPrefWidth(), getPrefWidth()));
        levels.getLast().mock().setTranslateX(pulledBy);
        beside.ifPresent(view -> view.mock().setTranslateX(pulledBy + (by < 0 ? getPrefWidth() : -getPrefWidth())));
        return true;
    }

    /** A finger begins to draw, or goes the other way. */
    private void draw(Touched.Pulled pulled, boolean onward) {
        finishMotion();
        levels.getLast().keepFootStill();
        levels.getLast().keepStripStill();
        drawn.flatMap(Drawn::beside).ifPresent(getChildren()::remove);
        drawn = Optional.of(new Drawn(onward, pulled.to().map(to -> beside(pulled.prototype(), to))));
        // Beneath the page, whose signs lie over both.
        drawn.get().beside().ifPresent(view -> getChildren().add(getChildren().indexOf(levels.getLast()), view));
    }

    private LevelView beside(Prototype prototype, Situation to) {
        Level level = to.top();
        Look look = to.look(prototype).orElseThrow();
        LevelView view = new LevelView(pictures, look, level.trail().depth(), false);
        view.know(prototype, level.known(to.facts()));
        view.head(prototype, Optional.of(Under.current(prototype, to)), scale);
        int top = to.levels().size() - 1;
        view.place(
                Room.of(prototype, to),
                Room.ofStrips(prototype, to, top),
                to.height(),
                scale,
                level.trail().current().scroll());
        return view;
    }

    /** Let go too soon: the page goes back to where it was. */
    private void springBack() {
        Optional<LevelView> other = drawn.flatMap(Drawn::beside);
        drawn = Optional.empty();
        if (pulledBy == 0 || levels.isEmpty()) {
            return;
        }
        LevelView page = levels.getLast();
        double from = pulledBy;
        pulledBy = 0;
        Animation animation = Motions.back(from, offset -> {
            page.mock().setTranslateX(offset);
            other.ifPresent(view -> view.mock().setTranslateX(offset + (from < 0 ? getPrefWidth() : -getPrefWidth())));
        });
        run(animation, () -> {
            page.still();
            rest();
        });
    }

    private void move(Happening.Moved moved, List<LevelView> leaving, List<LevelView> arriving, double begun) {
        List<LevelView> shown = new ArrayList<>(levels);
        // What comes in going forward lies above what goes; going back it lies beneath.
        shown.addAll(moved.backward() ? shown.size() : Math.max(0, shown.size() - arriving.size()), leaving);
        getChildren().setAll(shown);
        leaving.stream()
                .filter(old -> arriving.stream().anyMatch(old::isBeside))
                .forEach(LevelView::hideFoot);
        arriving.stream()
                .filter(fresh -> leaving.stream().anyMatch(fresh::isBeside))
                .forEach(LevelView::keepFootStill);
        leaving.stream()
                .filter(old -> arriving.stream().anyMatch(a -> a.sharesStrips(old, getPrefHeight())))
                .forEach(LevelView::keepStripStill);
        arriving.stream()
                .filter(fresh -> leaving.stream().anyMatch(old -> fresh.sharesStrips(old, getPrefHeight())))
                .forEach(LevelView::keepStripStill);
        Animation animation =
                Motions.of(moved.motion(), moved.backward(), leaving, arriving, getPrefWidth(), getPrefHeight(), begun);
        pictures.hold(true);
        run(animation, () -> {
            arriving.forEach(LevelView::still);
            levels.forEach(LevelView::still);
            rest();
            pictures.hold(false);
        });
    }

    /** Brings a motion that runs to its end at once. */
    public void finishMotion() {
        running.ifPresent(animation -> {
            animation.stop();
            settle.run();
        });
    }

    /** Whether something moves right now. */
    public boolean isMoving() {
        return running.isPresent();
    }

    /** Leaves a ring where a touch hit nothing. */
    public void ring(double x, double y) {
        Circle ring = new Circle(x * scale, y * scale, 4);
        ring.getStyleClass().add("miss");
        ring.setMouseTransparent(true);
        getChildren().add(ring);
        Animation animation = Motions.ring(ring);
        animation.setOnFinished(e -> getChildren().remove(ring));
        Pace.of(this).play(animation);
    }
}
