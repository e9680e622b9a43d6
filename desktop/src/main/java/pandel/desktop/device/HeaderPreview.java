package pandel.desktop.device;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Header;
import pandel.core.model.link.Motion;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.layout.Room;
import pandel.core.play.layout.Under;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Trail;
import pandel.core.play.situation.Visit;
import pandel.desktop.picture.PictureLibrary;

/** A header over one of its screens on a small device, with a screen behind that. */
public final class HeaderPreview extends SmallDevice {

    private final Optional<HeaderPlace> place;

    /**
     * @param behind where its back would lead
     * @param wide interface px
     */
    public HeaderPreview(
            PictureLibrary pictures,
            Prototype prototype,
            Header header,
            Screen screen,
            Screen behind,
            Device device,
            double wide) {
        double high = Math.rint(device.height() * wide / device.width());
        double scale = wide / device.width();
        super(wide, high);
        Prototype alone = prototype
                .withDrawers(prototype.drawers().stream()
                        .map(d -> d.withOn(Attached.to(List.of(screen.id()))))
                        .toList())
                .withHeaders(
                        List.of(header.withOn(Attached.to(List.of(screen.id()))).withHiddenOn(java.util.Set.of())));
        Situation on = Situation.shownAlone(screen.id(), device);
        Situation now = on.withTop(on.top()
                .with(Trail.of(new Visit(behind.id(), Motion.NONE, 0)).put(new Visit(screen.id(), Motion.NONE, 0))));
        LevelView page = page(pictures, alone, screen, false);
        Under under = new Under(now, Room.whole(prototype.widths(), device.width()), false);
        page.head(alone, Optional.of(under), scale);
        page.place(under.room(), device.height(), scale, 0);
        getChildren().addAll(page, edge());
        place = HeaderPlace.over(alone, under);
    }

    /** Where it stands on the device, and all that is on it. */
    public Optional<HeaderPlace> place() {
        return place;
    }
}
