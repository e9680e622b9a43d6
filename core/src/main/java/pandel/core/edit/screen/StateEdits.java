package pandel.core.edit.screen;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import pandel.core.edit.AddedFacts;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.edit.Titles;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.value.Fact;

/** Edits of a screen's looks while conditions hold. */
public final class StateEdits {

    private StateEdits() {}

    /** Adds a look behind the others, and facts its conditions need. */
    public static Edit add(Screen screen, State state, List<Fact> facts) {
        return Edit.of(
                "add the look “" + state.shownTitle() + "” to " + Titles.of(screen),
                p -> AddedFacts.with(p, facts).withScreen(screen.id(), s -> {
                    List<State> all = new ArrayList<>(s.states());
                    all.add(state);
                    return s.withStates(all);
                }));
    }

    /** Puts a changed look in the place of the one with its id, and facts its conditions need. */
    public static Edit change(String name, Screen screen, State state, List<Fact> facts) {
        return Edit.of(name, p -> change(AddedFacts.with(p, facts), screen.id(), state.id(), old -> state));
    }

    private static Prototype change(Prototype p, String screen, String state, UnaryOperator<State> change) {
        return p.withScreen(
                screen,
                s -> s.withStates(s.states().stream()
                        .map(t -> t.id().equals(state) ? change.apply(t) : t)
                        .toList()));
    }

    public static Edit remove(Screen screen, List<State> states) {
        Set<String> gone = new LinkedHashSet<>(states.stream().map(State::id).toList());
        return Edit.of(
                "remove "
                        + (states.size() == 1
                                ? "the look “" + states.getFirst().shownTitle() + "”"
                                : states.size() + " looks"),
                p -> p.withScreen(
                        screen.id(),
                        s -> s.withStates(s.states().stream()
                                .filter(t -> !gone.contains(t.id()))
                                .toList())));
    }

    /**
     * Lets a look be tried before the others, or after: of two that hold the first counts.
     *
     * @param by −1 or 1
     */
    public static Edit shift(Screen screen, State state, int by) {
        return Edit.of(
                "move the look “" + state.shownTitle() + "”",
                p -> p.withScreen(screen.id(), s -> {
                    List<State> all = new ArrayList<>(s.states());
                    int at = all.indexOf(state);
                    int to = Math.clamp(at + by, 0, all.size() - 1);
                    if (at < 0 || at == to) {
                        return s;
                    }
                    all.add(to, all.remove(at));
                    return s.withStates(all);
                }));
    }

    /** Hides a hotspot in a look, or shows it again. */
    public static Edit hide(Screen screen, State state, Hotspot hotspot, boolean hidden) {
        return Edit.of(
                (hidden ? "hide " : "show ") + Titles.of(hotspot) + " in “" + state.shownTitle() + "”",
                p -> change(p, screen.id(), state.id(), s -> {
                    Set<String> hides = new LinkedHashSet<>(s.hides());
                    if (hidden) {
                        hides.add(hotspot.id());
                    } else {
                        hides.remove(hotspot.id());
                    }
                    return s.withHides(hides);
                }));
    }

    /** Places areas in one look alone; the other looks keep theirs. */
    public static Edit move(Screen screen, State state, Map<Hotspot, Area> areas, Width width) {
        Map<String, Area> byId = new HashMap<>();
        areas.forEach((hotspot, area) -> byId.put(hotspot.id(), area.rounded()));
        return Edit.of(
                        "move "
                                + (areas.size() == 1
                                        ? Titles.of(areas.keySet().iterator().next())
                                        : areas.size() + " hotspots")
                                + " in “" + state.shownTitle() + "”",
                        p -> change(p, screen.id(), state.id(), s -> {
                            Map<String, Map<Width, Area>> moves = new LinkedHashMap<>(s.moves());
                            byId.forEach((hotspot, area) -> {
                                Map<Width, Area> own = new EnumMap<>(Width.class);
                                own.putAll(moves.getOrDefault(hotspot, Map.of()));
                                own.put(width, area);
                                moves.put(hotspot, own);
                            });
                            return s.withMoves(moves);
                        }))
                .joining("move in " + state.id()
                        + byId.keySet().stream().sorted().toList());
    }

    /** Lets a hotspot stand in a look where it stands in the plain one. */
    public static Edit asPlain(Screen screen, State state, Hotspot hotspot) {
        return Edit.of(
                "put " + Titles.of(hotspot) + " back in “" + state.shownTitle() + "”",
                p -> change(p, screen.id(), state.id(), s -> {
                    Map<String, Map<Width, Area>> moves = new LinkedHashMap<>(s.moves());
                    moves.remove(hotspot.id());
                    Set<String> hides = new LinkedHashSet<>(s.hides());
                    hides.remove(hotspot.id());
                    return s.withMoves(moves).withHides(hides);
                }));
    }

    /**
     * Makes another screen a look of this one: its pictures become the look's, what led to it leads here, and it goes,
     * with its own hotspots.
     */
    public static Edit fromScreen(Screen screen, Screen other, State state, List<Fact> facts) {
        return Edit.of("make " + Titles.of(other) + " a look of " + Titles.of(screen), p -> {
            Prototype led = EachLink.retarget(p, other.id(), screen.id());
            return add(screen, state.withMocks(other.mocks()), facts)
                    .applyTo(ScreenEdits.remove(List.of(other)).applyTo(led));
        });
    }

    /** Gives a look or, without one, the plain look a mock for the mock's width, in place of one it has. */
    public static Edit mock(Screen screen, Optional<State> state, Mock mock) {
        return mocks(
                "put a picture on " + Titles.of(screen) + " for " + mock.on().word() + " screens",
                screen,
                state,
                mocks -> with(mocks, mock));
    }

    /** Other words laid on a picture of the plain look. */
    public static Edit lay(Screen screen, Picture picture, List<Patch> words) {
        return mocks(
                "lay words on " + Titles.of(screen),
                screen,
                Optional.empty(),
                mocks -> with(mocks, picture.withPatches(words)));
    }

    /** Takes the mock of a width away; the areas of hotspots on it stay, in case it comes back. */
    public static Edit withoutMock(Screen screen, Optional<State> state, Width width) {
        return mocks(
                "take the picture for " + width.word() + " screens off " + Titles.of(screen),
                screen,
                state,
                mocks -> without(mocks, width));
    }

    private static Edit mocks(String name, Screen screen, Optional<State> state, UnaryOperator<List<Mock>> change) {
        return Edit.of(
                name,
                p -> state.isEmpty()
                        ? p.withScreen(screen.id(), s -> s.withMocks(change.apply(s.mocks())))
                        : change(p, screen.id(), state.get().id(), s -> s.withMocks(change.apply(s.mocks()))));
    }

    private static List<Mock> without(List<Mock> mocks, Width width) {
        return mocks.stream().filter(m -> m.on() != width).toList();
    }

    private static List<Mock> with(List<Mock> mocks, Mock mock) {
        List<Mock> all = new ArrayList<>(without(mocks, mock.on()));
        all.add(mock);
        return all.stream().sorted(Comparator.comparing(Mock::on)).toList();
    }
}
