package pandel.desktop.device;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import javafx.util.Duration;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Drawer.Moves;
import pandel.core.model.link.Motion;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.DrawerPlace;
import pandel.core.play.layout.Room;
import pandel.core.play.situation.Situation;
import pandel.desktop.picture.PictureLibrary;

/**
 * A drawer all out on a small device, beside or over its page. Dragged sideways it grows wider; a page that reveals it
 * shrinks as it is dragged up or down.
 */
public final class DrawerPreview extends SmallDevice {

    private final LevelView page;
    private final DrawerView view;
    private final double scale;
    private final Drawer drawer;
    private final Motion motion;
    private final boolean stays;
    private double startX;
    private double startY;
    private Optional<Animation> running = Optional.empty();

    /**
     * @param wide interface px
     * @param sized told the px it is dragged wide, and the hundredths to which its page shrinks
     */
    public DrawerPreview(
            PictureLibrary pictures,
            Prototype prototype,
            Drawer drawer,
            Screen screen,
            Device device,
            double wide,
            BiConsumer<Double, Integer> sized) {
        double high = Math.rint(device.height() * wide / device.width());
        super(wide, high);
        this.scale = wide / device.width();
        this.drawer = drawer;
        this.motion = prototype.feel().drawers();
        this.stays = drawer.staysAt(device.width());
        Prototype alone = prototype.withDrawers(
                List.of(drawer.withOn(new Attached(false, java.util.Set.of(screen.id()), java.util.Set.of()))));
        Situation now = Situation.shownAlone(screen.id(), device);
        page = page(pictures, alone, screen, false);
        page.place(Room.of(alone, now), device.height(), scale, 0);
        view = new DrawerView(pictures, DrawerPlace.of(alone, now, 0, drawer), device.width(), device.height(), scale);
        Rectangle ground = new Rectangle(wide, high, Color.web(drawer.panel().ground()));
        ground.setVisible(view.isBeneath());
        getChildren().add(ground);
        if (view.isBeneath()) {
            getChildren().addAll(view.panel(), page, view.shade());
        } else {
            getChildren().addAll(page, view.shade(), view.panel());
        }
        getChildren().add(edge());
        view.shade().setVisible(!stays);
        at(1);
        setMouseTransparent(false);
        setCursor(Cursor.H_RESIZE);
        drag(sized, device);
    }

    private void at(double out) {
        if (!stays) {
            view.at(out, page);
        }
    }

    /** Plays how it comes, over and over while it is seen. */
    public void playOn() {
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                running.ifPresent(Animation::stop);
            } else {
                again();
            }
        });
        if (getScene() != null) {
            again();
        }
    }

    private void again() {
        play();
        running.ifPresent(a -> a.setOnFinished(e -> {
            PauseTransition rest = new PauseTransition(Duration.millis(MotionPreview.REST));
            rest.setOnFinished(then -> again());
            running = Optional.of(rest);
            rest.play();
        }));
    }

    /** Plays how it comes. */
    public void play() {
        running.ifPresent(Animation::stop);
        Animation animation = Motions.between(0, 1, motion.ms(), motion.easing(), this::at);
        running = Optional.of(animation);
        animation.play();
    }

    private void drag(BiConsumer<Double, Integer> sized, Device device) {
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            startX = e.getX();
            startY = e.getY();
        });
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            double by = (e.getX() - startX) / scale * (drawer.panel().side() == PanelSide.LEFT ? 1 : -1);
            double width = Math.clamp(Math.rint(drawer.panel().width() + by), 1, device.width());
            double shrunk = drawer.panel().shrinks() - 100 * 2 * (e.getY() - startY) / getPrefHeight();
            int shrinks = drawer.panel().moves() != Moves.REVEALS
                    ? drawer.panel().shrinks()
                    : Math.clamp(Math.round(shrunk), Drawer.Panel.LEAST_SHRUNK, 100);
            if (width != drawer.panel().width() || shrinks != drawer.panel().shrinks()) {
                sized.accept(width, shrinks);
            }
        });
    }
}
