package pandel.desktop.device;

import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.animation.SequentialTransition;
import javafx.application.Platform;
import javafx.util.Duration;
import pandel.core.model.Look;
import pandel.core.model.device.Device;
import pandel.core.model.link.Motion;
import pandel.core.play.layout.Room;
import pandel.desktop.picture.PictureLibrary;

/** A tiny device on which one screen gives way to another, over and over. It rests while nobody sees it. */
public final class MotionPreview extends SmallDevice {

    /** ms that each picture stands. */
    static final double REST = 700;

    private final LevelView from;
    private final LevelView to;
    private Optional<Animation> running = Optional.empty();
    private Motion motion = Motion.NONE;

    /**
     * @param room of both on the device
     * @param above whether the second is opened above the first
     * @param high interface px
     */
    public MotionPreview(
            PictureLibrary pictures, Look first, Look second, boolean above, Device device, Room room, double high) {
        double scale = high / device.height();
        super(Math.rint(device.width() * scale), high);
        from = new LevelView(pictures, first, 0, false);
        to = new LevelView(pictures, second, 1, above);
        from.place(room, device.height(), scale, 0);
        to.place(room, device.height(), scale, 0);
        getChildren().addAll(from, to);
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                stop();
            } else {
                play(motion);
            }
        });
    }

    /** Shows a motion from now on. */
    public void play(Motion shown) {
        motion = shown;
        stop();
        if (getScene() == null) {
            return;
        }
        from.still();
        to.still();
        PauseTransition before = new PauseTransition(Duration.millis(REST));
        PauseTransition after = new PauseTransition(Duration.millis(REST));
        to.setVisible(false);
        before.setOnFinished(e -> to.setVisible(true));
        Animation moving = Motions.of(shown, false, List.of(from), List.of(to), getPrefWidth(), getPrefHeight(), 0);
        boolean still = shown.kind() == Motion.Kind.NONE
                || shown.ms() == 0
                || Platform.getPreferences().isReducedMotion();
        SequentialTransition once =
                still ? new SequentialTransition(before, after) : new SequentialTransition(before, moving, after);
        once.setOnFinished(e -> play(motion));
        running = Optional.of(once);
        once.play();
    }

    private void stop() {
        running.ifPresent(Animation::stop);
        running = Optional.empty();
    }
}
