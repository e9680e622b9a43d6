package pandel.desktop.device;

import java.util.function.Consumer;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Takes;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Room;
import pandel.desktop.picture.PictureLibrary;

/** A busy sign over its screen on a small device; it follows the pointer while that is pressed. */
public final class BusyPreview extends SmallDevice {

    private final BusySign sign = new BusySign();

    /**
     * @param high interface px
     * @param at where it stands
     * @param put told where it was let go
     */
    public BusyPreview(
            PictureLibrary pictures,
            Prototype prototype,
            Screen screen,
            Device device,
            double high,
            Takes.At at,
            Consumer<Takes.At> put) {
        double scale = high / device.height();
        super(Math.rint(device.width() * scale), high);
        LevelView page = page(pictures, prototype, screen, false);
        page.place(Room.whole(prototype.widths(), device.width()), device.height(), scale, 0);
        getChildren().addAll(page, sign, edge());
        setMouseTransparent(false);
        setCursor(Cursor.HAND);
        stand(at);
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> stand(at(e)));
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> stand(at(e)));
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> put.accept(at(e)));
    }

    private Takes.At at(MouseEvent e) {
        return new Takes.At(
                Math.rint(Math.clamp(100 * e.getX() / getPrefWidth(), 0, 100)),
                Math.rint(Math.clamp(100 * e.getY() / getPrefHeight(), 0, 100)));
    }

    private void stand(Takes.At at) {
        sign.standAt(getPrefWidth() * at.x() / 100, getPrefHeight() * at.y() / 100);
    }
}
