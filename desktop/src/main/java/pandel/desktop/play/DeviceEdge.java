package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.core.model.Device;
import pandel.core.model.Event;
import pandel.core.play.Situation;
import pandel.desktop.device.DeviceView;

/** An edge of the device, dragged to make it wider or higher while it is played; pressed twice it has its own size again. */
final class DeviceEdge extends Region {

    private static final double THICK = 8;

    private double start;
    private Optional<Situation> begun = Optional.empty();
    private double scale;

    /** @param sideways whether it is the right edge; else the foot  @param sized told the new size */
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
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            start = sideways ? e.getScreenX() : e.getScreenY();
            begun = now.get();
            scale = device.scale();
            e.consume();
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> begun.ifPresent(s -> {
            // The device stands in the middle: its edge follows the pointer when it grows by twice as much.
            double by = ((sideways ? e.getScreenX() : e.getScreenY()) - start) / scale * (sideways ? 2 : 1);
            double width = sideways ? within(s.width() + by) : s.width();
            double height = sideways ? s.height() : within(s.height() + by);
            if (now.get().filter(n -> n.width() != width || n.height() != height).isPresent()) {
                sized.accept(new Event.Resize(width, height));
            }
            e.consume();
        }));
        addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            if (e.getClickCount() == 2) {
                now.get().ifPresent(s -> sized.accept(new Event.Resize(s.device().width(), s.device().height())));
            }
        });
    }

    private static double within(double px) {
        return Math.rint(Math.clamp(px, Device.LEAST, Device.MOST));
    }
}
