package pandel.core.check.relevance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.play.layout.FrameCover;
import pandel.core.play.rule.EnclosingTab;

/**
 * What no finger comes to, since other hotspots or frames lie over all of it.
 *
 * @param byHotspots by screen, look, width, hotspot and gesture: under other hotspots
 * @param byFrames by device, and by screen, look, frames, hotspot and gesture: what may lie under frames
 */
public record Covered(Set<List<String>> byHotspots, Map<String, Set<List<String>>> byFrames) {

    /** Where the hotspot stands in what is told of one. */
    private static final int HOTSPOT = 3;

    private static final Cause.Touch TAP = new Cause.Touch(Gesture.TAP);

    /** What frames lie in, or lay something over a screen. */
    private record Within(List<EnclosingTab> around, Optional<AtPage> at) {

        String words() {
            return around.stream().map(EnclosingTab::set).collect(Collectors.joining("/")) + " "
                    + at.map(a -> a.sequence() + "/" + a.page()).orElse("");
        }
    }

    public static Covered of(Prototype p) {
        Map<String, Set<List<String>>> byFrames = new HashMap<>();
        if (laysAnything(p)) {
            p.devices().forEach(d -> byFrames.put(d.id(), underFrames(p, d)));
        }
        return new Covered(underHotspots(p), byFrames);
    }

    /** What may lie under frames on a device. */
    public Set<List<String>> underFrames(Device device) {
        return byFrames.getOrDefault(device.id(), Set.of());
    }

    /** Whether something of a screen may lie under frames on any device. */
    public boolean mayLieUnderFrames(String screen) {
        return byFrames.values().stream()
                .anyMatch(all -> all.stream().anyMatch(of -> of.getFirst().equals(screen)));
    }

    /** Whether a hotspot may lie under frames on any device. */
    public boolean mayLieUnderFrames(Hotspot hotspot) {
        return byFrames.values().stream()
                .anyMatch(all -> all.stream().anyMatch(of -> of.get(HOTSPOT).equals(hotspot.id())));
    }

    private static Set<List<String>> underHotspots(Prototype p) {
        Set<List<String>> covered = new HashSet<>();
        Set<Width> widths =
                p.devices().stream().map(d -> p.widths().of(d.width())).collect(Collectors.toSet());
        for (Screen screen : p.screens()) {
            if (p.index().hotspotsOn(screen.id()).size() > 1) {
                Look.all(screen).forEach(look -> widths.forEach(width -> byHotspots(p, look, width, covered)));
            }
        }
        return covered;
    }

    private static void byHotspots(Prototype p, Look look, Width width, Set<List<String>> covered) {
        List<Hotspot> shown = look.hotspots(p, width);
        note(
                covered,
                look,
                shown,
                width.word(),
                (hotspot, touch) -> !look.covering(shown, hotspot, touch, width).isEmpty());
    }

    /**
     * Tells of the gestures that do not come to hotspots of a look.
     *
     * @param where the width or the frames, in words
     */
    private static void note(
            Set<List<String>> covered,
            Look look,
            List<Hotspot> shown,
            String where,
            BiPredicate<Hotspot, Cause.Touch> isUnder) {
        for (Hotspot hotspot : shown) {
            for (Link link : hotspot.links()) {
                if (link.cause() instanceof Cause.Touch touch && isUnder.test(hotspot, touch)) {
                    covered.add(List.of(
                            look.screen().id(),
                            look.state().map(State::id).orElse(""),
                            where,
                            hotspot.id(),
                            touch.word()));
                }
            }
        }
    }

    private static Set<List<String>> underFrames(Prototype p, Device device) {
        Set<List<String>> covered = new HashSet<>();
        Width width = p.widths().of(device.width());
        for (Screen screen : p.screens()) {
            if (p.index().hotspotsOn(screen.id()).isEmpty()) {
                continue;
            }
            Look.all(screen).forEach(look -> {
                List<Hotspot> shown = look.hotspots(p, width);
                within(p, screen).forEach(in -> {
                    List<FrameCover> frames = FrameCover.over(p, device, look, in.around(), in.at());
                    if (!frames.isEmpty()) {
                        note(
                                covered,
                                look,
                                shown,
                                in.words(),
                                (hotspot, touch) -> look.covering(shown, hotspot, touch, width)
                                                .isEmpty()
                                        && look.isCovered(
                                                shown, hotspot, touch, width, FrameCover.areas(frames, touch)));
                    }
                });
            });
        }
        return covered;
    }

    /** Whether frames may lie over a part of a hotspot of a screen, on any device. */
    public static boolean mayTouch(Prototype p, Screen screen) {
        return laysAnything(p)
                && p.devices().stream().anyMatch(device -> {
                    Width width = p.widths().of(device.width());
                    return Look.all(screen).anyMatch(look -> {
                        List<Area> areas = look.hotspots(p, width).stream()
                                .flatMap(h -> look.areaOf(h, width).stream())
                                .toList();
                        return within(p, screen)
                                .flatMap(in -> FrameCover.over(p, device, look, in.around(), in.at()).stream())
                                .anyMatch(f -> areas.stream().anyMatch(f.area()::overlaps));
                    });
                });
    }

    /** Whether frames lay anything over pages. */
    private static boolean laysAnything(Prototype p) {
        return !p.headers().isEmpty()
                || p.tabSets().stream().anyMatch(s -> s.button().isPresent())
                || p.sequences().stream().anyMatch(s -> !s.laid().isEmpty());
    }

    /** Whether a tap comes to a hotspot of a screen in each of its looks on each device, whatever that lies in. */
    public static boolean isFree(Prototype p, Screen screen, Hotspot hotspot) {
        return Look.all(screen)
                .allMatch(look -> p.devices().stream().allMatch(device -> {
                    Width width = p.widths().of(device.width());
                    List<Hotspot> shown = look.hotspots(p, width);
                    return shown.stream()
                            .filter(h -> h.id().equals(hotspot.id()))
                            .anyMatch(h -> look.covering(shown, h, TAP, width).isEmpty()
                                    && (!laysAnything(p)
                                            || within(p, screen)
                                                    .noneMatch(in -> look.isCovered(
                                                            shown,
                                                            h,
                                                            TAP,
                                                            width,
                                                            FrameCover.areas(
                                                                    FrameCover.over(
                                                                            p, device, look, in.around(), in.at()),
                                                                    TAP)))));
                }));
    }

    /** All that a screen may stand in. */
    private static Stream<Within> within(Prototype p, Screen screen) {
        List<Optional<AtPage>> pages = new ArrayList<>(List.of(Optional.empty()));
        p.index()
                .sequencesOf(screen.id())
                .forEach(s -> pages.add(Optional.of(new AtPage(s.id(), s.pages().indexOf(screen.id()) + 1, Map.of()))));
        List<List<EnclosingTab>> sets = new ArrayList<>(List.of(List.of()));
        for (TabSet set : p.tabSets()) {
            sets.add(List.of(enclosing(set)));
            set.tabs().stream()
                    .map(TabSet.Tab::root)
                    .filter(Target.ToTabs.class::isInstance)
                    .distinct()
                    .flatMap(root -> p.tabSet(root.id()).stream())
                    .forEach(inner -> sets.add(List.of(enclosing(set), enclosing(inner))));
        }
        return sets.stream().flatMap(around -> pages.stream().map(at -> new Within(around, at)));
    }

    private static EnclosingTab enclosing(TabSet set) {
        return new EnclosingTab(set.id(), set.firstTab().map(TabSet.Tab::id).orElse(""), Map.of(), false);
    }
}
