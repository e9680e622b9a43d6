package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import pandel.core.model.Area;
import pandel.core.model.Prototype;
import pandel.core.model.TabSet;

/**
 * Where the strip of a tab set stands on a device, laid over the page.
 *
 * @param area  of the strip, in px of the device
 * @param signs one for each tab, from the left
 */
public record StripPlace(TabSet set, Area area, List<Sign> signs) {

    private static final double HIGH = 56;
    private static final double HIGH_WITHOUT_LABELS = 48;
    /** What a tab takes at least; more than fit go on beyond the edge and are scrolled to. */
    private static final double NARROWEST = 64;

    /** One tab. @param chosen whether it is shown */
    public record Sign(TabSet.Tab tab, Area area, boolean chosen) {
    }

    /** The strips laid over a place, the outermost nearest to its edge. @param around the tab sets around the place */
    public static List<StripPlace> on(Prototype prototype, List<Around> around, String screen, double deviceWidth, double deviceHeight) {
        List<StripPlace> places = new ArrayList<>();
        double top = 0;
        double foot = deviceHeight;
        List<TabSet> shown = Strips.shown(prototype, around, screen);
        for (TabSet set : shown) {
            if (set.strip().edge() == TabSet.Edge.DRAWN || set.tabs().isEmpty()) {
                continue;
            }
            double high = set.strip().labels() == TabSet.Labels.NONE ? HIGH_WITHOUT_LABELS : HIGH;
            boolean above = set.strip().edge() == TabSet.Edge.TOP;
            double y = above ? top : foot - high;
            top += above ? high : 0;
            foot -= above ? 0 : high;
            places.add(new StripPlace(set, new Area(0, y, deviceWidth, high), signs(set, around.stream().filter(a -> a.set().equals(set.id())).findFirst().orElseThrow().tab(), y, high, deviceWidth)));
        }
        return places;
    }

    /** Side by side over the whole width; where they do not fit the chosen one is scrolled to the middle. */
    private static List<Sign> signs(TabSet set, String chosen, double y, double high, double wide) {
        int count = set.tabs().size();
        double each = Math.max(NARROWEST, wide / count);
        int at = Math.max(0, set.tabs().stream().map(TabSet.Tab::id).toList().indexOf(chosen));
        double scrolled = Math.clamp((at + 0.5) * each - wide / 2, 0, Math.max(0, count * each - wide));
        List<Sign> signs = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            TabSet.Tab tab = set.tabs().get(i);
            signs.add(new Sign(tab, new Area(i * each - scrolled, y, each, high), tab.id().equals(chosen)));
        }
        return signs;
    }
}
