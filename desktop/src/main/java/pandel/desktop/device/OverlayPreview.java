package pandel.desktop.device;

import java.util.Optional;
import javafx.scene.shape.Line;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Room;
import pandel.desktop.picture.PictureLibrary;

/** A screen open above another on a small device; a line says where a sheet stops when it is drawn up. */
public final class OverlayPreview extends SmallDevice {

    /** @param wide interface px */
    public OverlayPreview(
            PictureLibrary pictures,
            Prototype prototype,
            Optional<Screen> beneath,
            Screen screen,
            Device device,
            double wide) {
        double scale = wide / device.width();
        double high = Math.rint(device.height() * scale);
        super(wide, high);
        beneath.ifPresent(s -> {
            LevelView page = page(pictures, prototype, s, false);
            page.place(Room.whole(prototype.widths(), device.width()), device.height(), scale, 0);
            getChildren().add(page);
        });
        LevelView above = page(pictures, prototype, screen, true);
        above.place(Room.whole(prototype.widths(), device.width()), device.height(), scale, 0);
        getChildren().addAll(above, edge());
        if (screen.form() == Form.SHEET && screen.overlay().stop() > 0) {
            double y = Math.rint(high * (1 - screen.overlay().stop() / 100.0)) + 0.5;
            Line stop = new Line(0, y, wide, y);
            stop.getStyleClass().add("bracket-fill");
            stop.getStrokeDashArray().addAll(4.0, 3.0);
            getChildren().add(stop);
        }
    }
}
