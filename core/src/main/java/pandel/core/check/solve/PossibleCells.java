package pandel.core.check.solve;

import com.carrotsearch.hppc.IntArrayList;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
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
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Table;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.CellTab;
import pandel.core.check.turn.Turn;
import pandel.core.model.frame.TabSet;
import pandel.core.play.rule.TrailAction;

/**
 * Where one could stand with what is remembered of a screen's own: what that shows, where nothing leads on, and where
 * nothing closes what is open.
 */
public final class PossibleCells {

    private final PushdownSystem system;
    /** Ids of the tab sets whose strip leads to all tabs wherever it shows. */
    private final Set<String> anyTab;
    /** Of each head, that of the same whichever tab it is where every other can be shown. */
    private final IntArrayList bare = new IntArrayList();
    /** The places as they are noted, numbered: a bare head with what its screen's own facts hold. */
    private final Places places = new Places();
    /** Whether something leads on at once. */
    private final BitSet leadsOn = new BitSet();

    private final BitSet noted = new BitSet();
    /** From where one comes to it with the same row of screens. */
    private final Map<Integer, List<Integer>> from = new HashMap<>();
    /** Those on something open that nothing closes at once, with the heads that follow on the same level. */
    private final Map<Integer, Set<Integer>> shut = new LinkedHashMap<>();
    /** Those of them from which one goes back on the level: that closes only if what lies behind does. */
    private final Set<Integer> goingBack = new HashSet<>();
    /** What is put on a head of its level, and what takes its place, whatever is remembered: from where. */
    private final Map<Integer, Set<Integer>> putOn = new HashMap<>();

    private final Map<Integer, Set<Integer>> inPlaceOf = new HashMap<>();
    private final Set<Trait> traits = new LinkedHashSet<>();
    private final BitSet alike = new BitSet();
    private @Nullable Set<Integer> stuck;

    PossibleCells(PushdownSystem system) {
        this.system = system;
        this.anyTab = system.prototype().tabSets().stream()
                .filter(s -> s.strip().edge() != TabSet.Edge.DRAWN)
                .map(TabSet::id)
                .collect(Collectors.toSet());
    }

    /** The head of the same, whichever tab it is where every other can be shown. */
    int bare(int head) {
        while (bare.size() <= head) {
            bare.add(Places.NONE);
        }
        if (bare.get(head) == Places.NONE) {
            Cell cell = system.cell(head);
            bare.set(head, system.head(cell.around(CellTab.inAnyTab(cell.around(), anyTab))));
        }
        return bare.get(head);
    }

    /** The number of a place as it is noted: with what is remembered of its screen's own alone. */
    int noted(int head, int valuation) {
        int its = bare(head);
        return places.of(its, system.own(its, valuation));
    }

    /** Id of the screen of a place by its number. */
    String screen(int place) {
        return system.cell(places.head(place)).screen();
    }

    /**
     * @param head that is bare
     * @param table what can be done there
     */
    void note(int head, Table table) {
        int place = places.of(head, system.valuations().of(table.cell().facts()));
        if (!alike.get(table.number())) {
            alike.set(table.number());
            Trait.of(system.prototype(), table).forEach(traits::add);
        }
        noted.set(place);
        boolean movesOn = system.onward(head, table).movesOn();
        leadsOn.set(place, movesOn);
        if (!movesOn) {
            PushdownSystem.Same same = system.same(head, places.valuation(place), table, false);
            for (int i = 0; i < same.heads().length; i++) {
                from.computeIfAbsent(noted(same.heads()[i], same.own()[i]), t -> new ArrayList<>(1))
                        .add(place);
            }
        }
        if (!table.cell().level().base()) {
            noteLevel(head, place, table);
        }
    }

    private void noteLevel(int head, int place, Table table) {
        Set<Integer> following = new LinkedHashSet<>();
        List<Turn> others = new ArrayList<>();
        boolean goesBack = false;
        for (int i = 0; i < table.all().size(); i++) {
            Turn turn = table.all().get(i);
            int next = staysOnLevel(turn) ? system.to(head, table, i) : Table.NOWHERE;
            if (next != Table.NOWHERE) {
                int to = bare(next);
                following.add(to);
                (turn.actions().getFirst() instanceof TrailAction.Put ? putOn : inPlaceOf)
                        .computeIfAbsent(to, x -> new LinkedHashSet<>())
                        .add(head);
            }
            if (turn.actions().getFirst() instanceof TrailAction.Drop) {
                goesBack = true;
            } else {
                others.add(turn);
            }
        }
        if (!Closing.closesAtOnce(others)) {
            shut.put(place, following);
            if (goesBack) {
                goingBack.add(place);
            }
        }
    }

    /** What can lie right behind a head on its level. */
    private Set<Integer> behind(int head) {
        Set<Integer> seen = new LinkedHashSet<>(Set.of(head));
        Deque<Integer> left = new ArrayDeque<>(seen);
        Set<Integer> behind = new LinkedHashSet<>();
        while (!left.isEmpty()) {
            int at = left.remove();
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
                || first instanceof TrailAction.StepRow
                || first instanceof TrailAction.Staying;
    }

    /** Whether nothing is stuck but what was looked at. */
    boolean isStuckNowhereBut(List<Node> looked) {
        Set<Integer> open = new HashSet<>(stuck());
        if (!open.isEmpty()) {
            looked.forEach(node -> open.remove(noted(node.head, node.valuation)));
        }
        return open.isEmpty();
    }

    /** Where nothing leads on, as far as is known. Worked out once, when everything was noted. */
    Set<Integer> stuck() {
        if (stuck == null) {
            stuck = findStuck();
        }
        return stuck;
    }

    private Set<Integer> findStuck() {
        BitSet leading = new BitSet();
        Deque<Integer> horizon = new ArrayDeque<>(leadsOn.stream().boxed().toList());
        while (!horizon.isEmpty()) {
            int place = horizon.remove();
            if (!leading.get(place)) {
                leading.set(place);
                horizon.addAll(from.getOrDefault(place, List.of()));
            }
        }
        BitSet left = (BitSet) noted.clone();
        left.andNot(leading);
        return left.stream().boxed().collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /**
     * Where what is open may never close: neither at once nor from a place that follows, whatever is remembered there.
     *
     * @param places by number
     * @param screens ids of theirs
     */
    record Shut(Set<Integer> places, Set<String> screens) {

        boolean holds(int place) {
            return places.contains(place);
        }
    }

    Shut shut() {
        Set<Integer> left = new LinkedHashSet<>(shut.keySet());
        Map<Integer, Set<Integer>> behind = new HashMap<>();
        goingBack.forEach(place -> behind.put(place, behind(places.head(place))));
        boolean more = true;
        while (more) {
            Set<Integer> closed = left.stream().map(places::head).collect(Collectors.toSet());
            more = left.removeIf(
                    place -> Objects.requireNonNull(shut.get(place)).stream().anyMatch(to -> !closed.contains(to))
                            || !behind.getOrDefault(place, Set.of()).isEmpty()
                                    && Objects.requireNonNull(behind.get(place)).stream()
                                            .noneMatch(closed::contains));
        }
        return new Shut(left, left.stream().map(this::screen).collect(Collectors.toCollection(LinkedHashSet::new)));
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
