package pandel.desktop.device;

import java.util.function.IntConsumer;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Pair;
import pandel.core.play.layout.Room;
import pandel.desktop.picture.PictureLibrary;

/** A list beside its detail on a small wide device; dragged sideways the list takes more of it, or less. */
public final class PairPreview extends SmallDevice {

    private double startX;

    /**
     * @param wide interface px
     * @param shared told the hundredths of the width that the list is dragged to take
     */
    public PairPreview(
            PictureLibrary pictures, Prototype prototype, Pair pair, Device device, double wide, IntConsumer shared) {
        double scale = wide / device.width();
        double high = Math.rint(device.height() * scale);
        super(wide, high);
        Room whole = Room.whole(prototype.widths(), device.width());
        side(pictures, prototype, pair.detail(), whole.detail(prototype.widths(), pair), device, scale, false);
        side(pictures, prototype, pair.list(), whole.list(prototype.widths(), pair), device, scale, true);
        getChildren().add(edge());
        setMouseTransparent(false);
        setCursor(Cursor.H_RESIZE);
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> startX = e.getX());
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            int share = Math.clamp(Math.round(pair.share() + 100 * (e.getX() - startX) / wide), Pair.LEAST, Pair.MOST);
            if (share != pair.share()) {
                shared.accept(share);
            }
        });
    }

    private void side(
            PictureLibrary pictures,
            Prototype prototype,
            String screen,
            Room room,
            Device device,
            double scale,
            boolean list) {
        prototype.screen(screen).ifPresent(s -> {
            LevelView view = page(pictures, prototype, s, false);
            view.place(room, device.height(), scale, 0);
            if (list) {
                view.partFrom();
            }
            getChildren().add(view);
        });
    }
}
