package pandel.desktop.device;

import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import javafx.util.Duration;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Motion;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.DrawerPlace;
import pandel.core.play.layout.Room;
import pandel.core.play.situation.Situation;
import pandel.desktop.picture.PictureLibrary;

/** A drawer all out on a small device, beside or over its page. */
public final class DrawerPreview extends SmallDevice {

    private final LevelView page;
    private final DrawerView view;
    private final double scale;
    private final Motion motion;
    private final boolean stays;
    private final DrawerPlace place;
    private Optional<Animation> running = Optional.empty();

    /** @param wide interface px */
    public DrawerPreview(
            PictureLibrary pictures, Prototype prototype, Drawer drawer, Screen screen, Device device, double wide) {
        double high = Math.rint(device.height() * wide / device.width());
        super(wide, high);
        this.scale = wide / device.width();
        this.motion = prototype.feel().drawers();
        this.stays = drawer.staysAt(device.width());
        Prototype alone = prototype.withDrawers(
                List.of(drawer.withOn(new Attached(false, java.util.Set.of(screen.id()), java.util.Set.of()))));
        Situation now = Situation.shownAlone(screen.id(), device);
        page = page(pictures, alone, screen, false);
        page.place(Room.of(alone, now), device.height(), scale, 0);
        place = DrawerPlace.of(alone, now, 0, drawer);
        view = new DrawerView(pictures, place, device.width(), device.height(), scale);
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
    }

    /** Where it stands on the device when it is all out, and what is in it. */
    public DrawerPlace place() {
        return place;
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
}
