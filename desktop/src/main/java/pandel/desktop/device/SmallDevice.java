package pandel.desktop.device;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/** A device of a fixed size that is only looked at. */
abstract class SmallDevice extends Pane {

    /** Interface px. */
    SmallDevice(double wide, double high) {
        getStyleClass().add("device");
        setMouseTransparent(true);
        setMinSize(wide, high);
        setPrefSize(wide, high);
        setMaxSize(wide, high);
        setClip(new Rectangle(wide, high));
    }
}
