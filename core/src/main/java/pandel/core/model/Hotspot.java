package pandel.core.model;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * An area of a screen that answers to gestures.
 *
 * @param title what stands there, in words ("Reserve"); may be empty
 * @param areas one for each width it is placed on
 */
public record Hotspot(String id, String title, Map<Width, Area> areas, List<Link> links, Rest rest) {

    public Hotspot {
        Map<Width, Area> sorted = new EnumMap<>(Width.class);
        sorted.putAll(areas);
        areas = Collections.unmodifiableMap(sorted);
        links = List.copyOf(links);
    }

    /** Its area on a mock of that width. */
    public Optional<Area> areaOn(Width width) {
        return Optional.ofNullable(areas.get(width));
    }

    /** The link that a gesture sets off: of two with one cause only the first counts. */
    public Optional<Link> linkFor(Gesture gesture) {
        return links.stream().filter(l -> l.cause() instanceof Cause.Touch t && t.gesture() == gesture).findFirst();
    }

    public Hotspot withTitle(String newTitle) {
        return new Hotspot(id, newTitle, areas, links, rest);
    }

    public Hotspot withArea(Width width, Area area) {
        Map<Width, Area> changed = new EnumMap<>(Width.class);
        changed.putAll(areas);
        changed.put(width, area);
        return new Hotspot(id, title, changed, links, rest);
    }

    public Hotspot withAreas(Map<Width, Area> newAreas) {
        return new Hotspot(id, title, newAreas, links, rest);
    }

    public Hotspot withLinks(List<Link> newLinks) {
        return new Hotspot(id, title, areas, newLinks, rest);
    }
}
