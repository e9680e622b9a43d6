package pandel.core.check;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;

/**
 * What of a prototype makes a difference to what can be done in it: two for which this is equal are explored alike.
 * Left out is where hotspots stand (not whether they do, and what lies wholly under others is told apart), what
 * pictures show, sections, titles, motions, journeys, versions, remarks and what was decided about findings.
 */
final class Relevant {

    private static final Area SOMEWHERE = new Area(0, 0, 1, 1);

    private Relevant() {}

    static Prototype of(Prototype p) {
        return Prototype.empty("")
                .withScreens(p.screens().stream().map(Relevant::screen).toList())
                .withShared(p.shared().stream()
                        .map(s -> s.withHotspot(hotspot(s.hotspot())).withRest(Rest.NONE))
                        .toList())
                .withEntries(p.entries())
                .withDevices(p.devices())
                .withFacts(p.facts())
                .withStartPoints(p.startPoints())
                .withSequences(p.sequences().stream()
                        .map(s -> s.withEachLink(Relevant::links))
                        .toList())
                .withTabSets(p.tabSets())
                .withDrawers(p.drawers())
                .withHeaders(p.headers())
                .withPairs(p.pairs())
                .withWidths(p.widths());
    }

    private static Screen screen(Screen screen) {
        return screen.withTitle("")
                .withSection("")
                .withOverlay(Overlay.USUAL)
                .withMocks(mocks(screen.mocks()))
                .withStates(screen.states().stream().map(Relevant::state).toList())
                .withHotspots(screen.hotspots().stream().map(Relevant::hotspot).toList())
                .withLinks(links(screen.links()))
                .withRest(Rest.NONE);
    }

    private static State state(State state) {
        Map<String, Map<Width, Area>> moves = new TreeMap<>();
        state.moves().forEach((id, areas) -> moves.put(id, areas(areas)));
        return state.withTitle("")
                .withMocks(mocks(state.mocks()))
                .withMoves(moves)
                .withRest(Rest.NONE);
    }

    private static Hotspot hotspot(Hotspot hotspot) {
        return hotspot.withTitle("")
                .withAreas(areas(hotspot.areas()))
                .withLinks(links(hotspot.links()))
                .withRest(Rest.NONE);
    }

    private static Map<Width, Area> areas(Map<Width, Area> areas) {
        Map<Width, Area> there = new EnumMap<>(Width.class);
        areas.keySet().forEach(width -> there.put(width, SOMEWHERE));
        return there;
    }

    private static List<Mock> mocks(List<Mock> mocks) {
        List<Mock> there = new ArrayList<>();
        mocks.forEach(m -> there.add(new Picture(m.on(), "", 1, 1, 1, "", Rest.NONE)));
        return there;
    }

    private static List<Link> links(List<Link> links) {
        return links.stream()
                .map(l -> l.branches().stream()
                                .anyMatch(
                                        b -> b.motion().isPresent() || !b.rest().equals(Rest.NONE))
                        ? l.withBranches(
                                l.branches().stream().map(Relevant::branch).toList())
                        : l)
                .toList();
    }

    private static Branch branch(Branch branch) {
        return branch.withMotion(Optional.empty()).withRest(Rest.NONE);
    }
}
