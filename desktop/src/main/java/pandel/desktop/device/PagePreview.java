package pandel.desktop.device;

import java.util.Map;
import java.util.Optional;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import pandel.core.model.AtPage;
import pandel.core.model.Device;
import pandel.core.model.Facts;
import pandel.core.model.Known;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Sequence;
import pandel.desktop.picture.PictureLibrary;

/** A page of a sequence on a small device, with what is laid over it. */
public final class PagePreview extends Pane {

    /**
     * @param page from 1
     * @param wide interface px
     */
    public PagePreview(PictureLibrary pictures, Prototype prototype, Sequence sequence, int page, Device device, double wide) {
        double scale = wide / device.width();
        double high = Math.rint(device.height() * scale);
        Screen screen = prototype.screen(sequence.pages().get(page - 1)).orElseGet(() -> Screen.page("", sequence.pages().get(page - 1)));
        LevelView view = new LevelView(pictures, Look.plain(screen), 0, false);
        view.know(prototype, Known.of(Facts.NONE));
        view.standAt(prototype, Optional.of(new AtPage(sequence.id(), page, Map.of())));
        view.place(device.width(), device.height(), scale, 0);
        getStyleClass().add("device");
        setMouseTransparent(true);
        setMinSize(wide, high);
        setPrefSize(wide, high);
        setMaxSize(wide, high);
        setClip(new Rectangle(wide, high));
        Rectangle edge = new Rectangle(0.5, 0.5, wide - 1, high - 1);
        edge.setFill(null);
        edge.getStyleClass().add("preview-edge");
        getChildren().addAll(view, edge);
    }
}
