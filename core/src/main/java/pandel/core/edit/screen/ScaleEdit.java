package pandel.core.edit.screen;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.edit.Edit;
import pandel.core.edit.Titles;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.device.Widths;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;

/**
 * Corrects how many picture pixels make a px. Hotspots stay on what they are on: their areas, in px, grow or shrink
 * with the picture; a picture that thereby is for another width becomes that width's, unless the screen has one for it.
 */
public final class ScaleEdit {

    private final Widths widths;
    private final double scale;

    private ScaleEdit(Widths widths, double scale) {
        this.widths = widths;
        this.scale = scale;
    }

    /** @param scale picture pixels for each px, more than 0 */
    public static Edit of(List<Screen> screens, double scale) {
        Set<String> ids = screens.stream().map(Screen::id).collect(Collectors.toSet());
        String name = screens.size() == 1 ? Titles.of(screens.getFirst()) : screens.size() + " screens";
        return Edit.of("set the scale of " + name, p -> {
            ScaleEdit to = new ScaleEdit(p.widths(), scale);
            Prototype scaled = p.withScreens(p.screens().stream()
                    .map(s -> ids.contains(s.id()) ? to.scaled(s) : s)
                    .toList());
            // One that is shared goes along where all its screens do.
            return scaled.withShared(p.shared().stream()
                    .map(s -> ids.containsAll(s.screens())
                            ? s.withHotspot(to.scaled(
                                    s.hotspot(),
                                    s.screens().stream()
                                            .flatMap(id -> p.screen(id).stream())
                                            .findFirst()
                                            .map(Screen::mocks)
                                            .orElse(List.of())))
                            : s)
                    .toList());
        });
    }

    private Screen scaled(Screen screen) {
        return screen.withMocks(mocks(screen.mocks()))
                .withHotspots(screen.hotspots().stream()
                        .map(h -> scaled(h, screen.mocks()))
                        .toList())
                .withStates(screen.states().stream()
                        .map(s -> scaled(s, s.mocks().isEmpty() ? screen.mocks() : s.mocks()))
                        .toList());
    }

    private State scaled(State state, List<Mock> seen) {
        Map<String, Map<Width, Area>> moves = new LinkedHashMap<>();
        state.moves().forEach((hotspot, areas) -> moves.put(hotspot, areas(areas, seen)));
        return state.withMocks(mocks(state.mocks())).withMoves(moves);
    }

    private Hotspot scaled(Hotspot hotspot, List<Mock> mocks) {
        return hotspot.withAreas(areas(hotspot.areas(), mocks));
    }

    private List<Mock> mocks(List<Mock> mocks) {
        return mocks.stream()
                .<Mock>map(m -> switch (m) {
                    case Picture p -> {
                        double ratio = p.scale() / scale;
                        yield p.withScale(scale)
                                .withFixed(p.fixedTop() * ratio, p.fixedBottom() * ratio)
                                .withPatches(p.patches().stream()
                                        .map(patch -> patch.grown(ratio))
                                        .toList())
                                .withOn(on(p, mocks));
                    }
                })
                .toList();
    }

    private Width on(Picture picture, List<Mock> all) {
        Width now = widths.of(picture.pixelWidth() / scale);
        return all.stream().anyMatch(m -> m != picture && m.on() == now) ? picture.on() : now;
    }

    private Map<Width, Area> areas(Map<Width, Area> areas, List<Mock> mocks) {
        Map<Width, Area> scaled = new EnumMap<>(Width.class);
        scaled.putAll(areas);
        for (Mock mock : mocks) {
            if (mock instanceof Picture p && areas.containsKey(p.on())) {
                double ratio = p.scale() / scale;
                Area a = areas.get(p.on());
                scaled.remove(p.on());
                scaled.put(on(p, mocks), new Area(a.x() * ratio, a.y() * ratio, a.width() * ratio, a.height() * ratio));
            }
        }
        return scaled;
    }
}
