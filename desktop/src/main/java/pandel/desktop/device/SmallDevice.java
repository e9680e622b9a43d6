package pandel.desktop.device;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.desktop.picture.PictureLibrary;

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

    /**
     * A screen as it looks at first.
     *
     * @param overlay whether it is open above something
     */
    static LevelView page(PictureLibrary pictures, Prototype prototype, Screen screen, boolean overlay) {
        LevelView view = new LevelView(pictures, Look.plain(screen), 0, overlay);
        view.know(prototype, Known.of(Facts.NONE));
        return view;
    }

    /** The line around it, above all that it shows. */
    Rectangle edge() {
        Rectangle edge = new Rectangle(0.5, 0.5, getPrefWidth() - 1, getPrefHeight() - 1);
        edge.setFill(null);
        edge.setMouseTransparent(true);
        edge.getStyleClass().add("preview-edge");
        return edge;
    }
}
