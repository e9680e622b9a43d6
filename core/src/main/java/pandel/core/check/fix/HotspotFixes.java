package pandel.core.check.fix;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.edit.Edit;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Room;

/** Fixes of hotspots: where they stand, how large they are, which of their links count. */
public final class HotspotFixes {

    private HotspotFixes() {}

    public static Fix placeLikewise(Screen screen, List<Hotspot> hotspots) {
        return new Fix(
                "Place " + (hotspots.size() == 1 ? "it" : "them") + " where "
                        + (hotspots.size() == 1 ? "it stands" : "they stand") + " on the other picture",
                "Not every picture has a place for " + (hotspots.size() == 1 ? "it." : "them."),
                "Every picture has, at the like place; look whether it is right.",
                HotspotEdits.placeLikewise(screen, hotspots));
    }

    public static Fix removeHotspots(Prototype p, Screen screen, List<Hotspot> hotspots) {
        String what = hotspots.size() == 1
                ? FindingWords.hotspot(p, screen.id(), hotspots.getFirst())
                : hotspots.size() + " hotspots";
        return new Fix(
                hotspots.size() == 1 ? "Remove the hotspot" : "Remove the hotspots",
                what + " on " + quoted(screen) + ".",
                "Gone, with any links.",
                HotspotEdits.remove(hotspots));
    }

    public static Fix keepFirstLink(Hotspot hotspot) {
        return new Fix(
                "Remove the second link",
                "Two links for a tap.",
                "The first alone.",
                Edit.of("remove a second link", p -> {
                    Prototype changed = p;
                    Set<Cause> seen = new HashSet<>();
                    for (Link link : hotspot.links()) {
                        changed = seen.add(link.cause())
                                ? changed
                                : LinkEdits.remove(link).applyTo(changed);
                    }
                    return changed;
                }));
    }

    public static Fix moveOntoMock(Hotspot hotspot, Mock mock) {
        Area area = hotspot.areaOn(mock.on()).orElseThrow();
        Area moved = area.within(mock.width(), mock.height());
        return new Fix("Move it onto the picture", at(area), at(moved), HotspotEdits.place(hotspot, mock.on(), moved));
    }

    /** The hotspot lies above the others of its screen. */
    public static Fix raise(Prototype p, Screen screen, Hotspot hotspot) {
        return new Fix(
                "Put it on top",
                "Others lie over it.",
                "It lies over the others.",
                Edit.of(
                        "put " + FindingWords.hotspot(p, screen.id(), hotspot) + " on top",
                        q -> q.withScreen(screen.id(), s -> {
                            List<Hotspot> order = new ArrayList<>(s.hotspots());
                            return order.removeIf(h -> h.id().equals(hotspot.id()))
                                    ? s.withHotspots(plus(order, hotspot))
                                    : s;
                        })));
    }

    private static List<Hotspot> plus(List<Hotspot> order, Hotspot hotspot) {
        order.add(hotspot);
        return order;
    }

    /** Grows hotspots around their middle until each side is that long on every device, keeping them on the mock. */
    public static Fix grow(Prototype p, Map<Screen, List<Hotspot>> hotspots, double side) {
        int n = hotspots.values().stream().mapToInt(List::size).sum();
        String px = Math.round(side) + " px";
        return new Fix(
                "Grow " + (n == 1 ? "it" : "them") + " to " + Math.round(side) + "×" + px,
                "As marked.",
                "At least " + px + " a side on every device.",
                Edit.of("grow " + (n == 1 ? "a hotspot" : n + " hotspots"), q -> {
                    Prototype changed = q;
                    for (Map.Entry<Screen, List<Hotspot>> entry : hotspots.entrySet()) {
                        changed =
                                grow(p, entry.getKey(), entry.getValue(), side).applyTo(changed);
                    }
                    return changed;
                }));
    }

    private static Edit grow(Prototype p, Screen screen, List<Hotspot> hotspots, double side) {
        Map<Hotspot, Area> grown = new LinkedHashMap<>();
        Width width = screen.mocks().isEmpty()
                ? p.widths().of(p.devices().getFirst().width())
                : screen.mocks().getFirst().on();
        double factor = p.devices().stream()
                .mapToDouble(d -> Placement.of(screen, Room.whole(p.widths(), d.width()), d.height())
                        .factor())
                .min()
                .orElse(1);
        double least = Math.ceil(side / factor);
        for (Hotspot hotspot : hotspots) {
            hotspot.areaOn(width).ifPresent(a -> {
                double w = Math.max(a.width(), least);
                double h = Math.max(a.height(), least);
                Area area = new Area(a.x() - (w - a.width()) / 2, a.y() - (h - a.height()) / 2, w, h);
                grown.put(
                        hotspot,
                        screen.mockFor(width)
                                .map(m -> area.within(m.width(), m.height()))
                                .orElse(area));
            });
        }
        return HotspotEdits.nudge(grown, width);
    }

    private static String at(Area a) {
        return Math.round(a.x()) + ", " + Math.round(a.y()) + ", " + Math.round(a.width()) + "×"
                + Math.round(a.height()) + " px";
    }

    private static String quoted(Screen screen) {
        return "“" + screen.shownTitle() + "”";
    }
}
