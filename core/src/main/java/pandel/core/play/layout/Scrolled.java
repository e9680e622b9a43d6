package pandel.core.play.layout;

import java.util.Map;
import java.util.Optional;

/**
 * What is scrolled or listed on a device besides its pages; it makes no difference to what happens, but to where a
 * point lies.
 *
 * @param drawer px that the rows of the drawer that is out are
 * @param strips px that strips are further than their shown tabs put them, by the ids of those
 * @param listed id of the header whose gathered actions are listed
 */
public record Scrolled(double drawer, Map<String, Double> strips, Optional<String> listed) {

    /** Nothing is. */
    public static final Scrolled NONE = new Scrolled(0, Map.of(), Optional.empty());

    /** Whether the gathered actions of a header are listed. */
    boolean lists(HeaderPlace place) {
        return listed.filter(place.header().id()::equals).isPresent()
                && !place.gathered().isEmpty();
    }

    /** A strip as it stands now. */
    public StripPlace strip(StripPlace place) {
        return place.shown().map(strips::get).map(place::scrolled).orElse(place);
    }
}
