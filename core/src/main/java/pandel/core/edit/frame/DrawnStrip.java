package pandel.core.edit.frame;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.SharedHotspot;

/** A strip that is drawn on the pictures of its roots: an area for each tab, shared by all of them. */
public final class DrawnStrip {

    private DrawnStrip() {}

    /** Whether a root has something marked where its strip is drawn. */
    public static boolean isMarked(Prototype p, List<String> roots, Map<Width, List<Area>> areas) {
        return roots.stream()
                .flatMap(r -> p.index().hotspotsOn(r).stream())
                .anyMatch(h -> h.areas().entrySet().stream()
                        .anyMatch(e -> areas.getOrDefault(e.getKey(), List.of()).stream()
                                .anyMatch(a -> a.containsMiddleOf(e.getValue()))));
    }

    /**
     * Puts screens behind the strip that is drawn on them.
     *
     * @param areas by width, one for each tab of the set in its order
     */
    public static Edit make(TabSet set, Map<Width, List<Area>> areas, Naming naming) {
        TabSet drawn = set.withStrip(set.strip().withEdge(TabSet.Edge.DRAWN));
        Edit plain = TabSetEdits.make(drawn);
        return Edit.of("put " + set.tabs().size() + " screens behind the strip drawn on them", p -> {
            Prototype made = plain.applyTo(p);
            Set<String> taken = new HashSet<>(made.index().ids());
            Set<String> roots = set.tabs().stream()
                    .map(t -> Targets.shownId(p, t.root()))
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            List<SharedHotspot> shared = new ArrayList<>(made.shared());
            for (int i = 0; i < set.tabs().size(); i++) {
                TabSet.Tab tab = set.tabs().get(i);
                Map<Width, Area> places = new EnumMap<>(Width.class);
                int number = i;
                areas.forEach((width, all) -> places.put(width, all.get(number).rounded()));
                String title = tab.shownLabel() + " in the strip";
                String hotspot = naming.take(title, taken);
                String link = naming.take("tap", taken);
                shared.add(new SharedHotspot(
                        new Hotspot(
                                hotspot,
                                title,
                                places,
                                List.of(Link.of(link, new Cause.Touch(Gesture.TAP), new Effect.SwitchTab(tab.id()))),
                                Rest.NONE),
                        roots,
                        Rest.NONE));
            }
            return made.withShared(shared);
        });
    }
}
