package pandel.desktop.device;

import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import pandel.core.model.Hotspot;
import pandel.core.model.Known;
import pandel.core.model.Look;
import pandel.core.model.Placeholders;
import pandel.core.model.Prototype;
import pandel.core.model.Value;
import pandel.core.model.Width;
import pandel.core.play.Placement;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;

/** One level: the shade over what is beneath, and the mock of its current screen. */
final class LevelView extends Pane {

    private final Region shade = new Region();
    private final MockView mock;
    private final PictureLibrary pictures;
    private final Look look;
    private Optional<MockView> top = Optional.empty();
    private Optional<MockView> bottom = Optional.empty();
    private final int depth;
    private final boolean overlay;
    private final Pane texts = new Pane();
    private UnaryOperator<String> filled = UnaryOperator.identity();

    LevelView(PictureLibrary pictures, Look look, int depth, boolean overlay) {
        this.mock = new MockView(pictures);
        this.pictures = pictures;
        this.look = look;
        this.depth = depth;
        this.overlay = overlay;
        shade.getStyleClass().add("device-shade");
        shade.setVisible(overlay);
        shade.setManaged(false);
        setPickOnBounds(false);
        setMouseTransparent(true);
        texts.translateXProperty().bind(mock.translateXProperty());
        texts.translateYProperty().bind(mock.translateYProperty());
        texts.opacityProperty().bind(mock.opacityProperty());
        getChildren().addAll(shade, mock, texts);
    }

    boolean shows(Look other, int otherDepth) {
        return look.equals(other) && depth == otherDepth;
    }

    /** What is known where it stands: it fills the words laid on the mock, and stands in its fields. */
    void know(Prototype prototype, Known now) {
        filled = words -> Placeholders.filled(words, prototype, now);
        mock.fill(filled);
        texts.getChildren().clear();
        for (Hotspot hotspot : prototype.index().hotspotsOn(look.screen().id())) {
            Value typed = now.held().typed().get(hotspot.id());
            if (hotspot.isField() && typed != null) {
                Label label = new Label(typed.shown());
                label.getStyleClass().add("typed-text");
                label.setUserData(hotspot);
                label.setManaged(false);
                texts.getChildren().add(label);
            }
        }
    }

    private void placeTexts(Placement p, double deviceWidth, double scale, double scroll) {
        for (Node node : texts.getChildren()) {
            look.areaOf((Hotspot) node.getUserData(), Width.of(deviceWidth)).ifPresent(a -> {
                double factor = p.factor() * scale;
                node.setStyle("-fx-font-size: " + Math.max(1, DeviceView.letters(a.height()) * factor) + "px;");
                node.resizeRelocate(Math.rint(p.x() * scale + a.x() * factor), Math.rint((p.y() - scroll) * scale + a.y() * factor), Math.rint(a.width() * factor), Math.rint(a.height() * factor));
            });
        }
    }

    void place(double deviceWidth, double deviceHeight, double scale, double scroll) {
        Placement p = Placement.of(look, deviceWidth, deviceHeight);
        shade.resizeRelocate(0, 0, deviceWidth * scale, deviceHeight * scale);
        setPrefSize(deviceWidth * scale, deviceHeight * scale);
        mock.show(look, Width.of(deviceWidth), Math.rint(p.width() * scale), Math.rint(p.height() * scale));
        mock.autosize();
        placeTexts(p, deviceWidth, scale, Math.min(scroll, p.maxScroll()));
        mock.relocate(Math.rint(p.x() * scale), Math.rint((p.y() - Math.min(scroll, p.maxScroll())) * scale));
        top = fixed(top, p.fixedTop() > 0, p, deviceWidth, scale, p.y(), 0, p.fixedTop());
        bottom = fixed(bottom, p.fixedBottom() > 0, p, deviceWidth, scale, p.y() - p.maxScroll(), p.height() - p.fixedBottom(), p.fixedBottom());
    }

    /** The part of the mock that stays put, drawn over what scrolls. */
    private Optional<MockView> fixed(Optional<MockView> now, boolean wanted, Placement p, double deviceWidth, double scale, double y, double from, double high) {
        if (!wanted) {
            now.ifPresent(getChildren()::remove);
            return Optional.empty();
        }
        MockView part = now.orElseGet(() -> {
            MockView made = new MockView(pictures);
            made.fill(filled);
            made.translateXProperty().bind(mock.translateXProperty());
            made.translateYProperty().bind(mock.translateYProperty());
            made.opacityProperty().bind(mock.opacityProperty());
            getChildren().add(made);
            return made;
        });
        part.show(look, Width.of(deviceWidth), Math.rint(p.width() * scale), Math.rint(p.height() * scale));
        part.setClip(new Rectangle(0, Math.rint(from * scale), Math.rint(p.width() * scale), Math.rint(high * scale)));
        part.autosize();
        part.relocate(Math.rint(p.x() * scale), Math.rint(y * scale));
        return Optional.of(part);
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
