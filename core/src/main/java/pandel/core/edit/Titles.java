package pandel.core.edit;

import java.util.List;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** How things are called in the names of edits. */
public final class Titles {

    private Titles() {}

    /** “Tool detail”. */
    public static String of(Screen screen) {
        return "“" + screen.shownTitle() + "”";
    }

    /** “Reserve”, or “a hotspot”. */
    public static String of(Hotspot hotspot) {
        return hotspot.title().isBlank() ? "a hotspot" : "“" + hotspot.title() + "”";
    }

    /** “Reserve”, “a hotspot”, or “5 hotspots”. */
    public static String of(List<Hotspot> hotspots) {
        return hotspots.size() == 1 ? of(hotspots.getFirst()) : hotspots.size() + " hotspots";
    }
}
