package pandel.desktop.device;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Rectangle2D;
import javafx.scene.SnapshotParameters;
import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Area;
import pandel.core.play.layout.AnswerPlace;
import pandel.core.play.situation.Situation;

/** What is seen of what a finger is on, from the moment it is down until it is lifted or leaves that. */
public final class TouchAnswer extends Pane {

    private static final double SHRUNK = 0.95;

    private final Supplier<Prototype> prototype;
    private final Supplier<Optional<Situation>> played;
    private final DeviceView device;
    private Optional<AnswerPlace> touched = Optional.empty();

    /** @param played what is played, where it can be touched now */
    public TouchAnswer(Supplier<Prototype> prototype, Supplier<Optional<Situation>> played, DeviceView device) {
        this.prototype = prototype;
        this.played = played;
        this.device = device;
        setId("touch-answer");
        setMouseTransparent(true);
        setVisible(false);
        device.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> down(e.getX(), e.getY()));
        device.addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> move(e.getX(), e.getY()));
        device.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> up());
    }

    private void down(double x, double y) {
        touched = played.get()
                .flatMap(now -> AnswerPlace.at(
                        prototype.get(), now, x / device.scale(), y / device.scale(), device.scrolled()));
        touched.ifPresentOrElse(this::show, this::up);
    }

    private void move(double x, double y) {
        touched.ifPresent(t -> setVisible(t.area().contains(x / device.scale(), y / device.scale())));
    }

    /** Nothing is touched any more. */
    void up() {
        touched = Optional.empty();
        setVisible(false);
        getChildren().clear();
    }

    private void show(AnswerPlace place) {
        Area area = place.area();
        double x = area.x() * device.scale();
        double y = area.y() * device.scale();
        double w = area.width() * device.scale();
        double h = area.height() * device.scale();
        getChildren().clear();
        switch (place.answer()) {
            case DIM -> getChildren().add(laid(x, y, w, h, "touch-dim"));
            case OUTLINE -> getChildren().add(laid(x, y, w, h, "touch-outline"));
            case SHRINK -> shrink(x, y, w, h);
            case NONE -> {}
        }
        setVisible(true);
    }

    private static Rectangle laid(double x, double y, double w, double h, String style) {
        Rectangle rectangle = new Rectangle(x, y, w, h);
        rectangle.getStyleClass().add(style);
        return rectangle;
    }

    /** The picture of it a little smaller, on the colour that stands at its corner. */
    private void shrink(double x, double y, double w, double h) {
        if (w < 2 || h < 2) {
            return;
        }
        Rectangle2D whole = new Rectangle2D(
                Math.floor(x) - 1,
                Math.floor(y) - 1,
                Math.ceil(x + w) - Math.floor(x) + 2,
                Math.ceil(y + h) - Math.floor(y) + 2);
        SnapshotParameters part = new SnapshotParameters();
        part.setViewport(whole);
        WritableImage image = device.snapshot(part, null);
        Color corner = image.getPixelReader().getColor(0, 0);
        Rectangle ground = new Rectangle(whole.getMinX(), whole.getMinY(), whole.getWidth(), whole.getHeight());
        ground.setFill(corner);
        ImageView smaller = new ImageView(image);
        smaller.relocate(whole.getMinX(), whole.getMinY());
        smaller.setScaleX(SHRUNK);
        smaller.setScaleY(SHRUNK);
        getChildren().addAll(ground, smaller);
    }
}
