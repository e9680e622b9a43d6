package pandel.desktop.picture;

import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.play.layout.Placement;

/** A small picture of a screen in a thin frame. */
public final class FramedMock extends StackPane {

    private final MockView mock;

    public FramedMock(PictureLibrary pictures) {
        mock = new MockView(pictures);
        getChildren().add(mock);
        getStyleClass().add("framed");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    }

    /** What is framed. */
    public MockView mock() {
        return mock;
    }

    /** Shows a look of a size as large as it fits into a width and height of the interface. */
    public FramedMock within(Look look, Width width, Placement.Size size, double wide, double high) {
        mock.within(look, width, size, wide, high);
        return this;
    }
}
