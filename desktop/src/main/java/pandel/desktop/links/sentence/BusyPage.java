package pandel.desktop.links.sentence;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.device.Device;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.model.screen.Screen;
import pandel.desktop.device.BusyPreview;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.stage.PageBox;
import pandel.desktop.work.Work;

/** Where the busy sign of a link moves: dragged on its screen, or put where that is pressed. */
public final class BusyPage extends PageBox {

    private static final double HIGH = 400;
    private final Work work;
    private final PictureLibrary pictures;
    private final Screen screen;
    private final String link;

    /** @param link id of one that takes time */
    public BusyPage(Work work, PictureLibrary pictures, Screen screen, String link, Runnable leave) {
        super(
                "Where the busy sign moves",
                "Drag it, or press where it is to be. It keeps its part of the width and the height on every device.",
                leave);
        setId("busy-page");
        this.work = work;
        this.pictures = pictures;
        this.screen = screen;
        this.link = link;
        fill();
    }

    private Optional<Link> link() {
        return work.prototype().index().way(link).map(Way::link);
    }

    private void fill() {
        clear();
        Takes takes = link().flatMap(Link::takes).orElse(Takes.UNTIL_DONE);
        Device device = work.device();
        BusyPreview preview = new BusyPreview(
                pictures,
                work.prototype(),
                screen,
                device,
                Math.rint(Math.min(HIGH, 640 * device.height() / device.width())),
                takes.at(),
                this::put);
        preview.setId("busy-preview");
        Label told = label(
                Math.round(takes.at().x()) + " % from the left, "
                        + Math.round(takes.at().y()) + " % from the top",
                300,
                "quiet",
                "small");
        told.setAlignment(Pos.CENTER);
        VBox seen = new VBox(6, preview, told);
        seen.setAlignment(Pos.TOP_CENTER);
        row(spring(), seen, spring());
    }

    private void put(Takes.At at) {
        link().ifPresent(l -> work.edit(LinkEdits.change(
                "place a busy sign",
                l.withTakes(Optional.of(l.takes().orElse(Takes.UNTIL_DONE).placed(at))))));
        fill();
    }
}
