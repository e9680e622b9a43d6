package pandel.core.edit.bulk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.edit.Naming;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.link.Offers;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;

/**
 * Links made in bulk, from screen to screen, without marking each: a hotspot that has no link yet and is worded like
 * the target is taken; else one is placed at the foot of the mock, above those there, to be moved later.
 */
public final class Filling {

    /** Px high and from the mock's edge: large enough to touch. */
    private static final double HIGH = 44;

    private static final double EDGE = 8;

    /** From one screen to another, by id. */
    public record Pair(String from, String to) {}

    private Filling() {}

    /**
     * Links each pair by a tap that has none yet.
     *
     * @param verb empty: what is usual between the two
     */
    public static Edit fill(List<Pair> pairs, Optional<Verb> verb, Device device, Naming naming) {
        String name = pairs.size() == 1 ? "link a pair of screens" : "link " + pairs.size() + " pairs of screens";
        return Edit.of(name, p -> {
            Prototype filled = p;
            for (Pair pair : pairs) {
                filled = one(filled, pair, verb, device, naming);
            }
            return filled;
        });
    }

    /** Removes the links that lead from one screen to the other; links of shared hotspots stay. */
    public static Edit clear(List<Pair> pairs) {
        String name = pairs.size() == 1 ? "unlink a pair of screens" : "unlink " + pairs.size() + " pairs of screens";
        return Edit.of(name, p -> {
            Prototype cleared = p;
            for (Pair pair : pairs) {
                for (Way way : between(p, pair)) {
                    if (way.from().size() == 1) {
                        cleared = LinkEdits.remove(way.link()).applyTo(cleared);
                    }
                }
            }
            return cleared;
        });
    }

    /** The links that lead from one screen to the other. */
    public static List<Way> between(Prototype p, Pair pair) {
        return p.index().waysOut(pair.from()).stream()
                .filter(way -> way.targets().contains(pair.to()))
                .toList();
    }

    private static Prototype one(Prototype p, Pair pair, Optional<Verb> verb, Device device, Naming naming) {
        Optional<Screen> from = p.screen(pair.from());
        Optional<Screen> to = p.screen(pair.to());
        if (from.isEmpty() || to.isEmpty() || !between(p, pair).isEmpty()) {
            return p;
        }
        Verb fitting = verb.filter(v -> Fitting.whyNot(v, from.get(), to.get()).isEmpty())
                .orElse(Fitting.usualVerb(from.get(), to.get()));
        Set<String> taken = p.index().ids();
        Link link = Link.of(
                naming.fresh("tap", taken),
                new Cause.Touch(Gesture.TAP),
                Effect.of(fitting, new Target.ToScreen(to.get().id())));
        Optional<Hotspot> bare = from.get().hotspots().stream()
                .filter(h -> h.waitsForLink() && Offers.alike(to.get().title(), h.title()))
                .findFirst();
        if (bare.isPresent()) {
            return LinkEdits.link(bare.get(), link, "").applyTo(p);
        }
        taken.add(link.id());
        Width width = Placement.areasOf(from.get(), p.widths().of(device.width()));
        Hotspot made = new Hotspot(
                naming.fresh(to.get().title(), taken),
                to.get().title(),
                Map.of(width, free(p, from.get(), width, device)),
                List.of(link),
                Rest.NONE);
        return HotspotEdits.put(p, from.get().id(), made);
    }

    /** The lowest free row of the mock; the foot itself when none is free. */
    private static Area free(Prototype p, Screen screen, Width width, Device device) {
        Placement.Size size = Placement.sizeOf(screen, width, device.width(), device.height());
        List<Area> taken = new ArrayList<>();
        p.index().hotspotsOn(screen.id()).forEach(h -> h.areaOn(width).ifPresent(taken::add));
        Area foot = new Area(EDGE, size.height() - HIGH - EDGE, Math.max(HIGH, size.width() - 2 * EDGE), HIGH)
                .within(size.width(), size.height());
        for (double y = foot.y(); y >= 0; y -= HIGH + EDGE) {
            Area row = new Area(foot.x(), y, foot.width(), foot.height());
            if (taken.stream()
                    .noneMatch(a -> a.x() < row.right()
                            && row.x() < a.right()
                            && a.y() < row.bottom()
                            && row.y() < a.bottom())) {
                return row.rounded();
            }
        }
        return foot.rounded();
    }
}
