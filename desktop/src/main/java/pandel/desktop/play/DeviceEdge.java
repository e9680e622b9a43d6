package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.event.EventHandler;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.play.situation.Situation;
import pandel.desktop.device.DeviceView;

/**
 * An edge of the device, dragged to make it wider or higher while it is played; pressed twice it has its own size
 * again.
 */
final class DeviceEdge extends Region {

    private static final double THICK = 8;

    private final EventHandler<MouseEvent> drag = this::drag;
    private final EventHandler<MouseEvent> end = this::end;
    private final boolean sideways;
    private final Supplier<Optional<Situation>> now;
    private final Consumer<Event> sized;
    private double start;
    private Optional<Situation> begun = Optional.empty();
    private double scale;

    /**
     * @param sideways whether it is the right edge; else the foot
     * @param sized told the new size
     */
    DeviceEdge(boolean sideways, Supplier<Optional<Situation>> now, DeviceView device, Consumer<Event> sized) {
        setId(sideways ? "device-edge-right" : "device-edge-foot");
        getStyleClass().add("device-edge");
        setCursor(sideways ? Cursor.H_RESIZE : Cursor.V_RESIZE);
        setMinSize(THICK, THICK);
        if (sideways) {
            setMaxWidth(THICK);
            setTranslateX(THICK);
        } else {
            setMaxHeight(THICK);
            setTranslateY(THICK);
        }
        StackPane.setAlignment(this, sideways ? Pos.CENTER_RIGHT : Pos.BOTTOM_CENTER);
        Tooltip.install(this, new Tooltip("Drag for another size; twice for its own"));
        this.sideways = sideways;
        this.now = now;
        this.sized = sized;
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            start = at(e);
            begun = now.get();
            scale = device.scale();
            // The device grows away from under the pointer: the whole window is listened to until it is let go.
            getScene().addEventFilter(MouseEvent.MOUSE_DRAGGED, drag);
            getScene().addEventFilter(MouseEvent.MOUSE_RELEASED, end);
            e.consume();
        });
        addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            if (e.getClickCount() == 2) {
                now.get()
                        .ifPresent(s -> sized.accept(
                                new Event.Resize(s.device().width(), s.device().height())));
            }
        });
    }

    private double at(MouseEvent e) {
        return sideways ? e.getScreenX() : e.getScreenY();
    }

    private void drag(MouseEvent e) {
        e.consume();
        begun.ifPresent(s -> {
            // The device stands in the middle: its edge follows the pointer when it grows by twice as much.
            double by = (at(e) - start) / scale * (sideways ? 2 : 1);
            double width = sideways ? within(s.width() + by) : s.width();
            double height = sideways ? s.height() : within(s.height() + by);
            if (now.get()
                    .filter(n -> n.width() != width || n.height() != height)
                    .isPresent()) {
                sized.accept(new Event.Resize(width, height));
            }
        });
    }

    private void end(MouseEvent e) {
        getScene().removeEventFilter(MouseEvent.MOUSE_DRAGGED, drag);
        getScene().removeEventFilter(MouseEvent.MOUSE_RELEASED, end);
        if (at(e) != start) {
            drag(e);
        }
        begun = Optional.empty();
    }

    private static double within(double px) {
        return Math.rint(Math.clamp(px, Device.LEAST, Device.MOST));
    }
}
