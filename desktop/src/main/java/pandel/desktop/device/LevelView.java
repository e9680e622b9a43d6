package pandel.desktop.device;

import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import pandel.core.model.Screen;
import pandel.core.model.Width;
import pandel.core.play.Placement;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;

/** One level: the shade over what is beneath, and the mock of its current screen. */
final class LevelView extends Pane {

    private final Region shade = new Region();
    private final MockView mock;
    private final Screen screen;
    private final int depth;
    private final boolean overlay;

    LevelView(PictureLibrary pictures, Screen screen, int depth, boolean overlay) {
        this.mock = new MockView(pictures);
        this.screen = screen;
        this.depth = depth;
        this.overlay = overlay;
        shade.getStyleClass().add("device-shade");
        shade.setVisible(overlay);
        shade.setManaged(false);
        setPickOnBounds(false);
        setMouseTransparent(true);
        getChildren().addAll(shade, mock);
    }

    boolean shows(Screen other, int otherDepth) {
        return screen.equals(other) && depth == otherDepth;
    }

    void place(double deviceWidth, double deviceHeight, double scale, double scroll) {
        Placement p = Placement.of(screen, deviceWidth, deviceHeight);
        shade.resizeRelocate(0, 0, deviceWidth * scale, deviceHeight * scale);
        setPrefSize(deviceWidth * scale, deviceHeight * scale);
        mock.show(screen, Width.of(deviceWidth), Math.rint(p.width() * scale), Math.rint(p.height() * scale));
        mock.autosize();
        mock.relocate(Math.rint(p.x() * scale), Math.rint((p.y() - Math.min(scroll, p.maxScroll())) * scale));
    }

    Region shade() {
        return shade;
    }

    MockView mock() {
        return mock;
    }

    boolean isOverlay() {
        return overlay;
    }

    /** As it stands when nothing moves. */
    void still() {
        mock.setTranslateX(0);
        mock.setTranslateY(0);
        mock.setOpacity(1);
        mock.setScaleX(1);
        mock.setScaleY(1);
        shade.setOpacity(1);
    }
}
