package pandel.desktop.device;

import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Pair;
import pandel.core.play.layout.Room;
import pandel.desktop.picture.PictureLibrary;

/** A list beside its detail on a small wide device. */
public final class PairPreview extends SmallDevice {

    /** @param wide interface px */
    public PairPreview(PictureLibrary pictures, Prototype prototype, Pair pair, Device device, double wide) {
        double scale = wide / device.width();
        double high = Math.rint(device.height() * scale);
        super(wide, high);
        Room whole = Room.whole(prototype.widths(), device.width());
        side(pictures, prototype, pair.detail(), whole.detail(prototype.widths(), pair), device, scale, false);
        side(pictures, prototype, pair.list(), whole.list(prototype.widths(), pair), device, scale, true);
        getChildren().add(edge());
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
