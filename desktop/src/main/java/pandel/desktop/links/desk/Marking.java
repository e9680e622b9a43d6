package pandel.desktop.links.desk;

import java.util.List;
import java.util.Set;
import pandel.core.areas.Things;
import pandel.core.model.screen.Area;

/**
 * An area that is to become a hotspot: drawn by hand, or found under a press.
 *
 * @param area in px of the mock
 * @param alike the areas of its list or grid, itself with them; itself alone where there are no others
 * @param screens ids of the screens that have the same sign at the same place and nothing marked there yet; empty where
 *     there are no others
 */
public record Marking(Area area, Things.Kind kind, List<Area> alike, Set<String> screens) {

    public Marking {
        alike = List.copyOf(alike);
        screens = Set.copyOf(screens);
    }

    /** One drawn by hand. */
    public static Marking drawn(Area area) {
        return new Marking(area, Things.Kind.THING, List.of(area), Set.of());
    }

    /** The same moved, and what is alike with it. */
    public Marking moved(double dx, double dy) {
        return new Marking(
                area.moved(dx, dy),
                kind,
                alike.stream().map(a -> a.moved(dx, dy)).toList(),
                screens);
    }

    /** What more it could be at once, as it is asked: “All 5 rows like this”; empty where it is nothing more. */
    public String more() {
        if (!screens.isEmpty()) {
            return "On all " + screens.size() + " screens with this sign here";
        }
        if (alike.size() < 2) {
            return "";
        }
        return "All " + alike.size() + (kind == Things.Kind.ROW ? " rows like this" : " like this");
    }
}
