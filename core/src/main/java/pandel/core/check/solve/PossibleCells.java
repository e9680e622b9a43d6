package pandel.core.check.solve;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.CellTab;
import pandel.core.check.compile.Turn;
import pandel.core.check.compile.Turns;
import pandel.core.model.Prototype;
import pandel.core.model.frame.TabSet;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.TrailAction;

/**
 * Where one could stand with what is remembered of a screen's own: what that shows, where nothing leads on, and where
 * nothing closes what is open.
 */
public final class PossibleCells {

    private final Reachability exploration;
    private final Prototype prototype;
    /** Ids of the tab sets whose strip leads to all tabs wherever it shows. */
    private final Set<String> anyTab;
    /** Whether something leads on at once. */
    private final Map<Cell, Boolean> leadsOn = new LinkedHashMap<>();
    /** From where one comes to it with the same row of screens. */
    private final Map<Cell, List<Cell>> from = new HashMap<>();
    /** Those on something open that nothing closes at once, with the places that follow on the same level. */
    private final Map<Cell, Set<Cell>> shut = new LinkedHashMap<>();
    /** Those of them from which one goes back on the level: that closes only if what lies behind does. */
    private final Set<Cell> goingBack = new HashSet<>();
    /** What is put on a place of its level, and what takes its place, whatever is remembered: from where. */
    private final Map<Cell, Set<Cell>> putOn = new HashMap<>();

    private final Map<Cell, Set<Cell>> inPlaceOf = new HashMap<>();
    private final Set<Trait> traits = new LinkedHashSet<>();
    private final Set<Object> alike = new HashSet<>();
    private @Nullable Set<Cell> stuck;

    PossibleCells(Reachability exploration, Prototype prototype) {
        this.exploration = exploration;
        this.prototype = prototype;
        this.anyTab = prototype.tabSets().stream()
                .filter(s -> s.strip().edge() != TabSet.Edge.DRAWN)
                .map(TabSet::id)
                .collect(Collectors.toSet());
    }

    /** A place whatever is remembered, and whichever tab it is where every other can be shown. */
    Cell bare(Cell cell) {
        return cell.staying(Facts.NONE, cell.waited()).around(CellTab.inAnyTab(cell.around(), anyTab));
    }

    /** A place with what is remembered of its screen's own alone: as it is noted. */
    Cell noted(Cell cell) {
        return exploration.turns().local().alone(cell).around(CellTab.inAnyTab(cell.around(), anyTab));
    }

    /**
     * @param cell as it is {@linkplain #noted noted}
     * @param all what can be done there
     */
    void note(Cell cell, Turns.All all) {
        if (alike.add(exploration.turns().likeness(cell))) {
            Trait.of(prototype, cell, all).forEach(traits::add);
        }
        List<Turn> sure = all.here().sure();
        leadsOn.put(cell, sure.stream().anyMatch(turn -> exploration.leadsOn(cell, turn)));
        sure.forEach(turn -> exploration
                .rows()
                .same(cell, turn)
                .ifPresent(to ->
                        from.computeIfAbsent(noted(to), t -> new ArrayList<>(1)).add(cell)));
        if (!cell.level().base()) {
            noteLevel(
                    cell,
                    Stream.concat(sure.stream(), all.back().sure().stream()).toList());
        }
    }

    private void noteLevel(Cell cell, List<Turn> all) {
        Set<Cell> following = new LinkedHashSet<>();
        for (Turn turn : all.stream().filter(PossibleCells::staysOnLevel).toList()) {
            exploration.uncovered(cell, turn).map(this::bare).ifPresent(to -> {
                following.add(to);
                (turn.actions().getFirst() instanceof TrailAction.Put ? putOn : inPlaceOf)
                        .computeIfAbsent(to, x -> new LinkedHashSet<>())
                        .add(bare(cell));
            });
        }
        List<Turn> back = all.stream()
                .filter(t -> t.actions().getFirst() instanceof TrailAction.Drop)
                .toList();
        if (!Closing.closesAtOnce(
                List.of(all.stream().filter(t -> !back.contains(t)).toList()))) {
            shut.put(cell, following);
            if (!back.isEmpty()) {
                goingBack.add(cell);
            }
        }
    }

    /** What can lie right behind a place on its level. */
    private Set<Cell> behind(Cell place) {
        Set<Cell> seen = new LinkedHashSet<>(Set.of(place));
        Deque<Cell> left = new ArrayDeque<>(seen);
        Set<Cell> behind = new LinkedHashSet<>();
        while (!left.isEmpty()) {
            Cell at = left.remove();
            behind.addAll(putOn.getOrDefault(at, Set.of()));
            inPlaceOf.getOrDefault(at, Set.of()).stream().filter(seen::add).forEach(left::add);
        }
        return behind;
    }

    private static boolean staysOnLevel(Turn turn) {
        TrailAction first = turn.actions().getFirst();
        return first instanceof TrailAction.Put
                || first instanceof TrailAction.Swap
                || first instanceof TrailAction.Turn
                || first instanceof TrailAction.Staying;
    }

    /** Whether nothing is stuck but what was looked at. */
    boolean isStuckNowhereBut(Set<Cell> looked) {
        Set<Cell> open = new HashSet<>(stuck());
        looked.forEach(cell -> open.remove(noted(cell)));
        return open.isEmpty();
    }

    /** Where nothing leads on, as far as is known. Worked out once, when everything was noted. */
    Set<Cell> stuck() {
        if (stuck == null) {
            stuck = findStuck();
        }
        return stuck;
    }

    private Set<Cell> findStuck() {
        Set<Cell> leading = new HashSet<>();
        Deque<Cell> horizon =
                new ArrayDeque<>(leadsOn.keySet().stream().filter(leadsOn::get).toList());
        while (!horizon.isEmpty()) {
            Cell cell = horizon.remove();
            if (leading.add(cell)) {
                horizon.addAll(from.getOrDefault(cell, List.of()));
            }
        }
        Set<Cell> stuck = new LinkedHashSet<>(leadsOn.keySet());
        stuck.removeAll(leading);
        return stuck;
    }

    /**
     * Where what is open may never close: neither at once nor from a place that follows, whatever is remembered there.
     */
    Set<Cell> shut() {
        Set<Cell> left = new LinkedHashSet<>(shut.keySet());
        Map<Cell, Set<Cell>> behind = new HashMap<>();
        goingBack.forEach(cell -> behind.put(cell, behind(bare(cell))));
        boolean more = true;
        while (more) {
            Set<Cell> closed = left.stream().map(this::bare).collect(Collectors.toSet());
            more = left.removeIf(cell -> Objects.requireNonNull(shut.get(cell)).stream()
                            .anyMatch(to -> !closed.contains(to))
                    || !behind.getOrDefault(cell, Set.of()).isEmpty()
                            && Objects.requireNonNull(behind.get(cell)).stream().noneMatch(closed::contains));
        }
        return left;
    }

    /** What was found of all places. */
    Set<Trait> traits() {
        return traits;
    }

    /** Ids of the screens or looks, or what else a kind is about, that could be. */
    Set<String> ids(Trait.Kind kind) {
        return traits.stream()
                .filter(t -> t.kind() == kind)
                .map(t -> kind == Trait.Kind.SHOWN ? t.screen() : t.id())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
