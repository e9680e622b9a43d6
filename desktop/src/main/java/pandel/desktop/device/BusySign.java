package pandel.desktop.device;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.util.Duration;
import pandel.core.model.Prototype;
import pandel.core.play.layout.BusyPlace;
import pandel.core.play.situation.Situation;

/** Bars that rise by turns over the device while a link is at work. */
public final class BusySign extends Pane {

    private static final int BARS = 4;
    private static final double WIDE = 5;
    private static final double HIGH = 22;
    private static final double ROUND_MS = 900;
    private static final double LOW = 0.35;

    private final HBox sign = new HBox(4);
    private final Timeline rising = new Timeline();

    @SuppressWarnings("this-escape") // a node styles itself while it is made; nothing overrides that
    public BusySign() {
        setId("busy");
        setVisible(false);
        setMouseTransparent(true);
        setAccessibleText("At work");
        sign.getStyleClass().add("busy");
        sign.setAlignment(Pos.CENTER);
        for (int i = 0; i < BARS; i++) {
            Region bar = new Region();
            bar.getStyleClass().add("busy-bar");
            bar.setMinSize(WIDE, HIGH);
            bar.setScaleY(LOW);
            sign.getChildren().add(bar);
            double turn = ROUND_MS / BARS;
            rising.getKeyFrames()
                    .addAll(
                            new KeyFrame(Duration.millis(i * turn), new KeyValue(bar.scaleYProperty(), LOW)),
                            new KeyFrame(Duration.millis((i + 0.5) * turn), new KeyValue(bar.scaleYProperty(), 1)),
                            new KeyFrame(Duration.millis((i + 1.2) * turn), new KeyValue(bar.scaleYProperty(), LOW)));
        }
        rising.setCycleCount(Animation.INDEFINITE);
        getChildren().add(sign);
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                rising.stop();
            }
        });
    }

    /** Moves about a middle, in interface px. */
    void standAt(double x, double y) {
        setVisible(true);
        sign.applyCss();
        sign.autosize();
        sign.relocate(Math.rint(x - sign.getWidth() / 2), Math.rint(y - sign.getHeight() / 2));
        // Where the system asks for less motion the bars stand.
        if (!Platform.getPreferences().isReducedMotion()) {
            rising.play();
        }
    }

    /** @param scale interface px for each px of the device */
    public void show(Prototype prototype, Situation now, double scale) {
        BusyPlace.of(prototype, now).ifPresentOrElse(place -> standAt(place.x() * scale, place.y() * scale), () -> {
            setVisible(false);
            rising.stop();
        });
    }
}
