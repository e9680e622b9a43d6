package pandel.desktop.device;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Room;
import pandel.core.play.rule.EnclosingTab;
import pandel.desktop.picture.PictureLibrary;

/**
 * A screen on a small device in its frame: with what is laid over the page of a sequence, or behind the strip of a tab
 * set.
 */
public final class PagePreview extends SmallDevice {

    private PagePreview(
            PictureLibrary pictures,
            Prototype prototype,
            Screen screen,
            Optional<AtPage> at,
            List<EnclosingTab> around,
            Device device,
            double wide) {
        double scale = wide / device.width();
        double high = Math.rint(device.height() * scale);
        super(wide, high);
        LevelView view = page(pictures, prototype, screen, false);
        view.standAt(prototype, at);
        view.standIn(prototype, around);
        view.place(
                Room.within(prototype, around, screen.id(), device.width(), device.height()),
                Room.whole(prototype.widths(), device.width()),
                device.height(),
                scale,
                0);
        getChildren().addAll(view, edge());
    }

    /**
     * A page of a sequence.
     *
     * @param page from 1
     * @param wide interface px
     */
    public static PagePreview of(
            PictureLibrary pictures, Prototype prototype, Sequence sequence, int page, Device device, double wide) {
        Screen screen = prototype
                .screen(sequence.pages().get(page - 1))
                .orElseGet(() -> Screen.page("", sequence.pages().get(page - 1)));
        return new PagePreview(
                pictures,
                prototype,
                screen,
                Optional.of(new AtPage(sequence.id(), page, Map.of())),
                List.of(),
                device,
                wide);
    }

    /**
     * The root of a tab behind its strip.
     *
     * @param wide interface px
     */
    public static PagePreview of(
            PictureLibrary pictures, Prototype prototype, TabSet set, TabSet.Tab tab, Device device, double wide) {
        Screen screen = Targets.shown(prototype, tab.root())
                .orElseGet(() -> Screen.page("", tab.root().id()));
        return new PagePreview(
                pictures,
                prototype,
                screen,
                Optional.empty(),
                List.of(new EnclosingTab(set.id(), tab.id(), Map.of(), true)),
                device,
                wide);
    }
}
