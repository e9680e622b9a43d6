package pandel.core.play.layout;

import java.util.Map;

/**
 * What is scrolled on a device besides its pages; it makes no difference to what happens, but to where a point lies.
 *
 * @param drawer px that the rows of the drawer that is out are
 * @param strips px that strips are further than their shown tabs put them, by the ids of those
 */
public record Scrolled(double drawer, Map<String, Double> strips) {

    /** Nothing is. */
    public static final Scrolled NONE = new Scrolled(0, Map.of());

    /** A strip as it stands now. */
    public StripPlace strip(StripPlace place) {
        return place.shown().map(strips::get).map(place::scrolled).orElse(place);
    }
}
