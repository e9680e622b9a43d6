package pandel.core.model;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Covering;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.value.Known;

/**
 * How a screen looks at one moment: plain, or in the first state whose conditions hold.
 *
 * @param state empty: the plain look
 */
public record Look(Screen screen, Optional<State> state) {

    /** The look of a screen while that is known. */
    public static Look of(Prototype prototype, Screen screen, Known known) {
        return new Look(
                screen,
                screen.states().isEmpty()
                        ? Optional.empty()
                        : screen.states().stream()
                                .filter(s -> s.holds(prototype, known))
                                .findFirst());
    }

    public static Look plain(Screen screen) {
        return new Look(screen, Optional.empty());
    }

    /** The plain look of a screen, then that of each of its states. */
    public static Stream<Look> all(Screen screen) {
        return Stream.concat(
                Stream.of(plain(screen)), screen.states().stream().map(s -> new Look(screen, Optional.of(s))));
    }

    /** The mocks of this look: a state without any looks as the screen does. */
    public List<Mock> mocks() {
        return state.map(State::mocks).filter(m -> !m.isEmpty()).orElse(screen.mocks());
    }

    /** The mock for a width: its own, else the next narrower, else the next wider. */
    public Optional<Mock> mockFor(Width width) {
        return Screen.mockFor(mocks(), width);
    }

    /** Whether none of some hotspots is at an area on a width: neither holds the other's middle. */
    public boolean isFree(Area area, Width width, List<Hotspot> hotspots) {
        return hotspots.stream()
                .flatMap(h -> areaOf(h, width).stream())
                .noneMatch(a -> a.containsMiddleOf(area) || area.containsMiddleOf(a));
    }

    /** The width that hotspots are placed on when it is seen on a width. */
    public Width areasOn(Width width) {
        return mockFor(width).map(Mock::on).orElse(width);
    }

    /**
     * Where a hotspot stands on the mock seen on a width; empty when it has no area there. With no mock at all the area
     * of the next narrower width serves, else that of the next wider.
     */
    public Optional<Area> areaOf(Hotspot hotspot, Width width) {
        Optional<Mock> mock = mockFor(width);
        if (mock.isPresent()) {
            return hotspot.areaOn(mock.get().on());
        }
        return Stream.concat(
                        Stream.of(Width.values())
                                .filter(w -> w.compareTo(width) <= 0)
                                .sorted(Comparator.reverseOrder()),
                        Stream.of(Width.values()).filter(w -> w.compareTo(width) > 0))
                .flatMap(w -> hotspot.areaOn(w).stream())
                .findFirst();
    }

    /** The hotspots that can be touched on a width, as they stand. */
    public List<Hotspot> hotspots(Prototype prototype, Width width) {
        List<Hotspot> all = hotspots(prototype);
        for (Hotspot hotspot : all) {
            if (areaOf(hotspot, width).isEmpty()) {
                return all.stream().filter(h -> areaOf(h, width).isPresent()).toList();
            }
        }
        return all;
    }

    /** The hotspots that are there, as they stand; later ones lie above earlier ones. */
    public List<Hotspot> hotspots(Prototype prototype) {
        List<Hotspot> all = prototype.index().hotspotsOn(screen.id());
        return state.isEmpty()
                ? all
                : all.stream().flatMap(h -> state.get().showing(h).stream()).toList();
    }

    /**
     * The hotspots that answer a gesture in a finger's stead wherever it is made on one: together they lie over all of
     * it. Empty where some point of it is left. A key is pressed wherever one is.
     *
     * @param shown those that can be touched on the width, later ones above earlier ones
     */
    public List<Hotspot> covering(List<Hotspot> shown, Hotspot hotspot, Cause.Touch touch, Width width) {
        Optional<Area> area = areaOf(hotspot, width);
        if (area.isEmpty() || touch.gesture() == Gesture.KEY) {
            return List.of();
        }
        List<Hotspot> above = above(shown, hotspot, touch, width);
        return !above.isEmpty() && Covering.covers(areas(above, width), area.get()) ? above : List.of();
    }

    /**
     * Whether no point of a hotspot is left to a gesture.
     *
     * @param frames what frames lay over the mock that answers it, in px of that
     */
    public boolean isCovered(List<Hotspot> shown, Hotspot hotspot, Cause.Touch touch, Width width, List<Area> frames) {
        return touch.gesture() != Gesture.KEY
                && areaOf(hotspot, width).isPresent()
                && leftOf(shown, hotspot, touch, width, frames).isEmpty();
    }

    /** The part of a hotspot that is left to a gesture; empty where none is. */
    public Optional<Area> leftOf(List<Hotspot> shown, Hotspot hotspot, Cause.Touch touch, Width width) {
        return leftOf(shown, hotspot, touch, width, List.of());
    }

    /**
     * The same under frames.
     *
     * @param frames what they lay over the mock that answers it, in px of that
     */
    public Optional<Area> leftOf(
            List<Hotspot> shown, Hotspot hotspot, Cause.Touch touch, Width width, List<Area> frames) {
        return areaOf(hotspot, width).flatMap(area -> {
            List<Area> over = new ArrayList<>(areas(above(shown, hotspot, touch, width), width));
            over.addAll(frames);
            return Covering.left(over, area).stream().findFirst();
        });
    }

    /** Those that lie over a part of a hotspot and answer the gesture. */
    private List<Hotspot> above(List<Hotspot> shown, Hotspot hotspot, Cause.Touch touch, Width width) {
        Area area = areaOf(hotspot, width).orElseThrow();
        List<Hotspot> above = new ArrayList<>(0);
        for (int i = shown.size() - 1; i >= 0 && !shown.get(i).equals(hotspot); i--) {
            Hotspot other = shown.get(i);
            if (other.linkFor(touch).isPresent()
                    && areaOf(other, width).filter(area::overlaps).isPresent()) {
                above.add(other);
            }
        }
        return above;
    }

    private List<Area> areas(List<Hotspot> hotspots, Width width) {
        return hotspots.stream().flatMap(h -> areaOf(h, width).stream()).toList();
    }

    /** "Loans", "Loans, empty". */
    public String title() {
        return screen.shownTitle()
                + state.map(s -> ", " + s.shownTitle().toLowerCase(java.util.Locale.ROOT))
                        .orElse("");
    }
}
