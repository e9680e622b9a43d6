package pandel.files.replace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.edit.screen.PictureEdits.Swap;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.files.picture.Raster;

/**
 * A hotspot to look at after pictures were replaced.
 *
 * @param outside whether it no longer lies on the mock; else what lies under it is another than it was
 */
public record Doubt(String screen, String hotspot, boolean outside) {

    /** Those of a prototype in which the swaps are done, in the order of swaps and hotspots. */
    public static List<Doubt> after(Prototype prototype, List<Swap> swaps, Looks looks) {
        List<Doubt> doubts = new ArrayList<>();
        for (Swap swap : swaps) {
            Optional<Raster> before = looks.small(swap.old());
            Optional<Raster> now = looks.small(swap.fresh());
            for (Hotspot hotspot : prototype.index().hotspotsOn(swap.screen())) {
                Optional<Area> area = hotspot.areaOn(swap.old().on());
                if (area.isPresent() && !Ground.holds(swap.fresh(), area.get())) {
                    doubts.add(new Doubt(swap.screen(), hotspot.id(), true));
                } else if (area.isPresent()
                        && before.isPresent()
                        && now.isPresent()
                        && Ground.changed(before.get(), swap.old(), now.get(), swap.fresh(), area.get())) {
                    doubts.add(new Doubt(swap.screen(), hotspot.id(), false));
                }
            }
        }
        return doubts;
    }
}
