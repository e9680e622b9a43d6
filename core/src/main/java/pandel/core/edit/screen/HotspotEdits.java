package pandel.core.edit.screen;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.edit.Titles;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;

/** Edits of hotspots, a screen's own and shared ones alike. */
public final class HotspotEdits {

    private HotspotEdits() {}

    /** Marks a hotspot on a screen, above those already there. */
    public static Edit mark(Screen screen, Hotspot hotspot) {
        return mark(screen, List.of(hotspot));
    }

    /** Marks hotspots on a screen, above those already there. */
    public static Edit mark(Screen screen, List<Hotspot> hotspots) {
        return Edit.of("mark " + Titles.of(hotspots) + " on " + Titles.of(screen), p -> {
            Prototype grown = p;
            for (Hotspot hotspot : hotspots) {
                grown = put(grown, screen.id(), hotspot);
            }
            return grown;
        });
    }

    public static Prototype put(Prototype p, String screen, Hotspot hotspot) {
        return p.withScreen(screen, s -> {
            List<Hotspot> all = new ArrayList<>(s.hotspots());
            all.add(hotspot);
            return s.withHotspots(all);
        });
    }

    /** Copies hotspots, links and all, onto a screen. The copies are the screen's own, also of shared ones. */
    public static Edit copyTo(Screen screen, List<Hotspot> copies) {
        return Edit.of("copy " + Titles.of(copies) + " to " + Titles.of(screen), mark(screen, copies)::applyTo);
    }

    /** The same hotspots with new ids for them and their links, each moved by that much px. */
    public static List<Hotspot> copies(
            Collection<Hotspot> hotspots, Prototype into, Naming naming, double dx, double dy) {
        Set<String> taken = into.index().ids();
        List<Hotspot> made = new ArrayList<>();
        for (Hotspot hotspot : hotspots) {
            String id = naming.take(hotspot.title(), taken);
            List<Link> links = hotspot.links().stream()
                    .map(l -> l.named(link -> fresh(link, naming, taken)))
                    .toList();
            Map<Width, Area> areas = new HashMap<>();
            hotspot.areas().forEach((width, area) -> areas.put(width, area.moved(dx, dy)));
            made.add(hotspot.withId(id).withAreas(areas).withLinks(links));
        }
        return made;
    }

    private static String fresh(Link link, Naming naming, Set<String> taken) {
        return naming.take(
                link.cause() instanceof Cause.Touch t
                        ? t.word()
                        : link.cause() instanceof Cause.Submit ? "submit" : "wait",
                taken);
    }

    /** Moves or resizes one area. */
    public static Edit place(Hotspot hotspot, Width width, Area area) {
        return Edit.of(
                "place " + Titles.of(hotspot), p -> change(p, hotspot.id(), h -> h.withArea(width, area.rounded())));
    }

    /**
     * Gives hotspots an area on every picture of a screen, in whatever look, that has none for them: in proportion to
     * where they stand on another.
     */
    public static Edit placeLikewise(Screen screen, List<Hotspot> hotspots) {
        return Edit.of("place " + Titles.of(hotspots) + " on every picture", p -> {
            Prototype placed = p;
            for (Hotspot hotspot : hotspots) {
                placed = change(placed, hotspot.id(), h -> likewise(screen, h));
            }
            return placed;
        });
    }

    private static Hotspot likewise(Screen screen, Hotspot hotspot) {
        Optional<Mock> from = screen.allMocks()
                .filter(m -> hotspot.areaOn(m.on()).isPresent())
                .findFirst();
        Hotspot placed = hotspot;
        for (Mock mock : from.isEmpty() ? List.<Mock>of() : screen.allMocks().toList()) {
            if (placed.areaOn(mock.on()).isEmpty()) {
                placed = placed.withArea(
                        mock.on(), likewise(hotspot.areaOn(from.get().on()).orElseThrow(), from.get(), mock));
            }
        }
        return placed;
    }

    /**
     * The area at the like place of another mock: in proportion across, and at the same distance from the nearer of top
     * and bottom.
     */
    public static Area likewise(Area area, Mock from, Mock to) {
        double across = to.width() / from.width();
        boolean low = area.y() + area.height() / 2 > from.height() * 0.7;
        double y = low ? to.height() - (from.height() - area.y()) : area.y();
        return new Area(area.x() * across, y, area.width() * across, area.height())
                .within(to.width(), to.height())
                .rounded();
    }

    /**
     * Moves several areas by hand, a little at a time; doing so again and again with the same ones is one undo step.
     */
    public static Edit nudge(Map<Hotspot, Area> areas, Width width) {
        return place("nudge " + Titles.of(List.copyOf(areas.keySet())), areas, width)
                .joining("nudge "
                        + areas.keySet().stream().map(Hotspot::id).sorted().toList());
    }

    /** Places several areas at once. */
    public static Edit place(String name, Map<Hotspot, Area> areas, Width width) {
        return Edit.of(name, p -> {
            Prototype placed = p;
            for (Map.Entry<Hotspot, Area> one : areas.entrySet()) {
                placed = change(
                        placed,
                        one.getKey().id(),
                        h -> h.withArea(width, one.getValue().rounded()));
            }
            return placed;
        });
    }

    /** It is a field, or rows, or neither. */
    public static Edit nature(Hotspot hotspot, Hotspot.Nature nature) {
        return Edit.of(
                "change what " + Titles.of(hotspot) + " is", p -> change(p, hotspot.id(), h -> h.withNature(nature)));
    }

    /** What is seen of it while it is touched; empty: as usual. */
    public static Edit touched(Hotspot hotspot, Optional<Answer> answer) {
        return Edit.of(
                "change what is seen while " + Titles.of(hotspot) + " is touched",
                p -> change(p, hotspot.id(), h -> h.withTouched(answer)));
    }

    public static Edit rename(Hotspot hotspot, String title) {
        return Edit.of("name " + Titles.of(hotspot), p -> change(p, hotspot.id(), h -> h.withTitle(title.strip())));
    }

    /** Removes hotspots and their links; shared ones go from every screen. */
    public static Edit remove(List<Hotspot> hotspots) {
        List<String> gone = hotspots.stream().map(Hotspot::id).toList();
        return Edit.of(
                "remove " + Titles.of(hotspots),
                p -> p.withScreens(p.screens().stream()
                                .map(s -> s.hotspots().stream().anyMatch(h -> gone.contains(h.id()))
                                        ? s.withHotspots(s.hotspots().stream()
                                                .filter(h -> !gone.contains(h.id()))
                                                .toList())
                                        : s)
                                .toList())
                        .withShared(p.shared().stream()
                                .filter(s -> !gone.contains(s.hotspot().id()))
                                .toList()));
    }

    /** Makes a screen's own hotspot a shared one, or changes which screens a shared one stands on. */
    public static Edit share(Hotspot hotspot, Collection<String> screens) {
        return Edit.of("share " + Titles.of(hotspot) + " with " + screens.size() + " screens", p -> {
            if (p.index().shared(hotspot.id()).isPresent()) {
                return p.withShared(p.shared().stream()
                        .map(s -> s.hotspot().id().equals(hotspot.id()) ? s.on(screens) : s)
                        .filter(s -> !s.screens().isEmpty())
                        .toList());
            }
            return addShared(hotspot, screens).applyTo(remove(List.of(hotspot)).applyTo(p));
        });
    }

    /** Adds a hotspot that stands on several screens. */
    public static Edit addShared(Hotspot hotspot, Collection<String> screens) {
        return Edit.of("mark something on " + screens.size() + " screens", p -> {
            List<SharedHotspot> all = new ArrayList<>(p.shared());
            all.add(new SharedHotspot(hotspot, new LinkedHashSet<>(screens), Rest.NONE));
            return p.withShared(all);
        });
    }

    /** Makes a shared hotspot one screen's own again; it goes from the others. */
    public static Edit unshare(SharedHotspot shared, Screen keeper) {
        return Edit.of(
                "keep " + Titles.of(shared.hotspot()) + " on " + Titles.of(keeper) + " alone",
                p -> put(remove(List.of(shared.hotspot())).applyTo(p), keeper.id(), shared.hotspot()));
    }

    /** The prototype with one hotspot changed, wherever it stands. */
    public static Prototype change(Prototype p, String id, UnaryOperator<Hotspot> change) {
        UnaryOperator<Hotspot> ifMeant = h -> h.id().equals(id) ? change.apply(h) : h;
        if (p.index().shared(id).isPresent()) {
            return p.withShared(p.shared().stream()
                    .map(s -> s.withHotspot(ifMeant.apply(s.hotspot())))
                    .toList());
        }
        return p.withScreens(p.screens().stream()
                .map(s -> s.hotspots().stream().anyMatch(h -> h.id().equals(id))
                        ? s.withHotspots(s.hotspots().stream().map(ifMeant).toList())
                        : s)
                .toList());
    }
}
