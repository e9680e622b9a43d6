package pandel.core.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A prototype by id: what holds what, and what leads where. Of two things with one id the first counts. */
public final class Index {

    private final Map<String, Screen> screens = new LinkedHashMap<>();
    private final Map<String, SharedHotspot> shared = new LinkedHashMap<>();
    private final Map<String, List<Hotspot>> hotspotsOn = new LinkedHashMap<>();
    private final Map<String, Way> ways = new LinkedHashMap<>();
    private final Map<String, List<Way>> waysOut = new LinkedHashMap<>();
    private final Map<String, List<Way>> waysIn = new LinkedHashMap<>();
    private final Map<String, Hotspot> hotspots = new LinkedHashMap<>();

    private final Set<String> others = new LinkedHashSet<>();

    Index(Prototype prototype) {
        prototype.facts().forEach(f -> others.add(f.id()));
        prototype.entries().forEach(e -> others.add(e.id()));
        prototype.startPoints().forEach(s -> others.add(s.id()));
        prototype.journeys().forEach(j -> others.add(j.id()));
        prototype.screens().forEach(s -> s.states().forEach(t -> others.add(t.id())));
        for (Screen screen : prototype.screens()) {
            if (screens.putIfAbsent(screen.id(), screen) == null) {
                hotspotsOn.put(screen.id(), new ArrayList<>(screen.hotspots()));
            }
        }
        for (SharedHotspot s : prototype.shared()) {
            if (shared.putIfAbsent(s.hotspot().id(), s) == null) {
                s.screens().stream().filter(screens::containsKey).forEach(id -> hotspotsOn.get(id).add(s.hotspot()));
            }
        }
        for (Screen screen : screens.values()) {
            screen.hotspots().forEach(h -> addHotspot(List.of(screen), h));
            screen.links().forEach(link -> addWay(new Way(link, List.of(screen), Optional.empty())));
        }
        for (SharedHotspot s : shared.values()) {
            addHotspot(s.screens().stream().filter(screens::containsKey).map(screens::get).toList(), s.hotspot());
        }
        hotspotsOn.replaceAll((id, list) -> List.copyOf(list));
    }

    private void addHotspot(List<Screen> on, Hotspot hotspot) {
        hotspots.putIfAbsent(hotspot.id(), hotspot);
        hotspot.links().forEach(link -> addWay(new Way(link, on, Optional.of(hotspot))));
    }

    private void addWay(Way way) {
        ways.putIfAbsent(way.link().id(), way);
        way.from().forEach(screen -> waysOut.computeIfAbsent(screen.id(), id -> new ArrayList<>()).add(way));
        way.targets().forEach(id -> waysIn.computeIfAbsent(id, key -> new ArrayList<>()).add(way));
    }

    public Optional<Screen> screen(String id) {
        return Optional.ofNullable(screens.get(id));
    }

    /** A hotspot, shared or not. */
    public Optional<Hotspot> hotspot(String id) {
        return Optional.ofNullable(hotspots.get(id));
    }

    /** All hotspots, each once. */
    public Collection<Hotspot> hotspots() {
        return Collections.unmodifiableCollection(hotspots.values());
    }

    /** The shared hotspot of that id. */
    public Optional<SharedHotspot> shared(String hotspotId) {
        return Optional.ofNullable(shared.get(hotspotId));
    }

    /** A screen's hotspots, its own first and then the shared ones; later ones lie above earlier ones. */
    public List<Hotspot> hotspotsOn(String screenId) {
        return hotspotsOn.getOrDefault(screenId, List.of());
    }

    /** Every link with where it stands, in file order. */
    public Collection<Way> ways() {
        return ways.values();
    }

    public Optional<Way> way(String linkId) {
        return Optional.ofNullable(ways.get(linkId));
    }

    /** The links that stand on a screen. */
    public List<Way> waysOut(String screenId) {
        return waysOut.getOrDefault(screenId, List.of());
    }

    /** The links that name a screen as their target. */
    public List<Way> waysIn(String screenId) {
        return waysIn.getOrDefault(screenId, List.of());
    }

    /** The other screens from which a link names this one. */
    public Set<String> screensLeadingTo(String screenId) {
        Set<String> found = new LinkedHashSet<>();
        waysIn(screenId).forEach(way -> way.from().forEach(screen -> found.add(screen.id())));
        found.remove(screenId);
        return found;
    }

    /** Every id in use. */
    public Set<String> ids() {
        Set<String> ids = new LinkedHashSet<>(screens.keySet());
        ids.addAll(hotspots.keySet());
        ids.addAll(ways.keySet());
        ids.addAll(others);
        return ids;
    }

    /**
     * A link where it stands.
     *
     * @param from    the screens it can be set off on: one, or those of a shared hotspot
     * @param hotspot empty for a link of the whole screen
     */
    public record Way(Link link, List<Screen> from, Optional<Hotspot> hotspot) {

        public Way {
            from = List.copyOf(from);
        }

        /** Ids of the screens it names, each once. */
        public Set<String> targets() {
            Set<String> ids = new LinkedHashSet<>();
            link.branches().forEach(b -> b.effects().forEach(e -> e.target().ifPresent(t -> ids.add(t.id()))));
            return ids;
        }
    }
}
