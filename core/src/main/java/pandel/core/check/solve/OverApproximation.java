package pandel.core.check.solve;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Table;
import pandel.core.check.relevance.Literals;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.CellTab;
import pandel.core.check.turn.Turn;
import pandel.core.model.Prototype;
import pandel.core.model.frame.InTab;
import pandel.core.model.link.Effect;
import pandel.core.model.value.Facts;
import pandel.core.model.value.PlaceMemory;
import pandel.core.play.rule.TrailAction;

/**
 * Everything that could ever be where facts change, and more: facts are followed two at a time only ({@link Pairwise}),
 * and whatever goes brings any facts with which it could go at all, whatever it came with (Sharir, Pnueli 1981, without
 * contexts). So what it does not come to is ruled out, and it costs time in the number of places, not of places times
 * facts.
 */
public final class OverApproximation {

    /** Places at most, and ways of holding a screen's own facts at one of them. */
    private static final int ROOM = 60_000;

    private static final int EACH = 512;
    /** How often a place is looked at, with other facts and on what could lie beneath it, at most. */
    private static final int TRIES = 200_000;

    /** A place, whatever is remembered there. */
    private static final class Stand {
        private final int head;
        private final Cell cell;
        private final Pairwise might;
        /** What can be remembered when it goes. */
        private final Pairwise exits;

        private final Map<List<Integer>, List<Flow>> looked = new LinkedHashMap<>();
        private final Map<Stand, Boolean> into = new LinkedHashMap<>();
        private boolean waiting;

        private Stand(int head, Cell cell, Literals literals) {
            this.head = head;
            this.cell = cell;
            this.might = new Pairwise(literals);
            this.exits = new Pairwise(literals);
        }
    }

    /**
     * What a turn does to what is remembered.
     *
     * @param to where it leads; none: it goes
     * @param set the literals it makes of the screen's own facts, where they change
     * @param brings whether it shows a tab as it was left
     */
    private record Flow(@Nullable Stand to, List<Integer> set, boolean brings) {}

    /** A tab shown from somewhere that does not know the root of the one that was. */
    private record Showing(String set, List<InTab> tabs, PlaceMemory given) {}

    private final PushdownSystem system;
    private final Prototype prototype;
    private final Literals literals;
    /** By the number of a head that is bare. */
    private final List<@Nullable Stand> standOf = new ArrayList<>();

    private final List<Stand> stands = new ArrayList<>();
    private final Deque<Stand> horizon = new ArrayDeque<>();
    private final List<Stand> inTabs = new ArrayList<>();
    private final Pairwise brought;
    private final Map<String, List<Stand>> roots = new HashMap<>();
    private final Map<Showing, TrailAction.ShowTab> shown = new LinkedHashMap<>();
    private final Set<Stand> hanging = new LinkedHashSet<>();
    private final Set<Cell.Ground> grounds = new LinkedHashSet<>();
    private final Set<String> fired = new LinkedHashSet<>();
    private final PossibleCells standing;
    private int tries;
    private boolean givenUp;

    OverApproximation(PushdownSystem system) {
        this.system = system;
        this.prototype = system.prototype();
        this.literals = new Literals(prototype, system.relevance());
        this.givenUp = literals.areTooMany();
        this.brought = new Pairwise(literals);
        this.standing = new PossibleCells(system);
    }

    /** Follows everything from each start. */
    void run(List<StartCells.Lying> starts, BooleanSupplier calledOff) {
        for (StartCells.Lying lying : starts) {
            @Nullable Stand below = null;
            for (int head : givenUp ? new int[0] : lying.heads()) {
                Stand stand = stand(head);
                if (below != null) {
                    lead(below, stand, true);
                }
                below = stand;
            }
            if (below != null) {
                come(
                        below,
                        Pairwise.of(literals, literals.of(system.valuations().facts(lying.valuation()))));
            }
        }
        while (!horizon.isEmpty() && !givenUp && !calledOff.getAsBoolean()) {
            Stand stand = horizon.remove();
            stand.waiting = false;
            look(stand);
            givenUp |= stands.size() > ROOM || tries > TRIES || system.isTooLarge();
        }
    }

    private Stand stand(int head) {
        int bare = standing.bare(head);
        while (standOf.size() <= bare) {
            standOf.add(null);
        }
        @Nullable Stand known = standOf.get(bare);
        if (known != null) {
            return known;
        }
        Cell cell = system.cell(bare);
        Stand made = new Stand(bare, cell, literals);
        standOf.set(bare, made);
        stands.add(made);
        if (!cell.around().isEmpty()) {
            inTabs.add(made);
            come(again(made), brought);
            cell.around().stream().filter(CellTab::root).forEach(in -> {
                roots.computeIfAbsent(in.set(), set -> new ArrayList<>()).add(made);
                shown.values().stream()
                        .filter(show -> show.set().equals(in.set()))
                        .toList()
                        .forEach(show -> land(made, show));
            });
        }
        beneath(cell);
        return made;
    }

    private Stand again(Stand stand) {
        return stand(system.again(stand.head));
    }

    private void come(Stand stand, Pairwise with) {
        if (stand.might.join(with)) {
            await(stand);
        }
    }

    private void await(Stand stand) {
        if (!stand.waiting) {
            stand.waiting = true;
            horizon.add(stand);
        }
    }

    private void look(Stand stand) {
        Set<String> own = system.turns().local().on(stand.cell.screen());
        Optional<List<List<Integer>>> all = stand.might.of(own, EACH);
        if (all.isEmpty()) {
            givenUp = true;
            return;
        }
        for (List<Integer> held : all.get()) {
            List<Flow> flows = stand.looked.computeIfAbsent(held, h -> flows(stand, h));
            Pairwise here = stand.might.where(held);
            for (Flow flow : List.copyOf(flows)) {
                Pairwise then = here.after(flow.set());
                if (flow.to() != null) {
                    come(flow.to(), then);
                } else {
                    go(stand, then);
                }
                if (flow.brings()) {
                    bring(then);
                }
            }
        }
    }

    /** What each turn does, that some of a screen's own facts allow. */
    private List<Flow> flows(Stand stand, List<Integer> held) {
        tries++;
        List<Flow> flows = new ArrayList<>();
        if (system.isTooLarge()) {
            return flows;
        }
        Table table = system.at(stand.head, system.valuations().of(literals.facts(held)));
        standing.note(stand.head, table);
        boolean doubt = !table.doubted().isEmpty();
        fired.addAll(table.doubted());
        follow(stand, stand.head, table, held, turn -> true, flows);
        if (doubt) {
            flows.add(new Flow(null, List.of(), !stand.cell.around().isEmpty()));
            givenUp |= table.doubted().stream().anyMatch(this::mayShowTab);
        }
        if (doubt && stand.cell.ground() == Cell.Ground.UNKNOWN && hanging.add(stand)) {
            if (hanging.size() == 1) {
                List.copyOf(stands).forEach(known -> beneath(known.cell));
            }
        }
        if (hanging.contains(stand)) {
            List.copyOf(grounds).forEach(ground -> flows.addAll(laid(stand, held, ground)));
        }
        return flows;
    }

    /** @param head of the stand, or of the same on what could lie beneath */
    private void follow(
            Stand stand, int head, Table table, List<Integer> held, Predicate<Turn> which, List<Flow> flows) {
        int before = system.valuations().of(table.cell().facts());
        for (int i = 0; i < table.all().size(); i++) {
            Turn turn = table.all().get(i);
            turn.link().ifPresent(fired::add);
            if (which.test(turn)) {
                flows.add(flow(stand, held, before, turn, system.to(head, table, i), table.own(i)));
            }
        }
        for (int i = 0; i < table.doubtful().size(); i++) {
            Turn turn = table.doubtful().get(i);
            turn.link().ifPresent(fired::add);
            if (which.test(turn)) {
                flows.add(flow(stand, held, before, turn, system.toPerhaps(head, table, i), table.doubtfulOwn(i)));
            }
        }
    }

    private Flow flow(Stand stand, List<Integer> held, int before, Turn turn, int to, int own) {
        Facts facts = system.valuations().facts(own);
        List<Integer> set = own == before
                ? List.of()
                : held.stream()
                        .map(literal -> literals.of(facts, literals.factOf(literal)))
                        .filter(literal -> !held.contains(literal))
                        .toList();
        TrailAction last = turn.actions().getLast();
        boolean brings = last instanceof TrailAction.ShowTab || last instanceof TrailAction.ToRoot;
        if (to != Table.NOWHERE) {
            Stand next = stand(to);
            boolean pushes = turn.actions().size() == 1 && turn.covers();
            if (!(last instanceof TrailAction.Restart)) {
                lead(stand, next, pushes);
            }
            return new Flow(next, set, brings);
        }
        if (last instanceof TrailAction.ShowTab show) {
            Showing showing = new Showing(show.set(), show.to().tabs(), PlaceMemory.of(show.given(), Map.of()));
            if (shown.putIfAbsent(showing, show) == null) {
                List.copyOf(roots.getOrDefault(show.set(), List.of())).forEach(root -> land(root, show));
            }
        }
        return new Flow(null, set, brings);
    }

    /** The same where something else lies beneath. */
    private List<Flow> laid(Stand stand, List<Integer> held, Cell.Ground ground) {
        if (tries++ > TRIES) {
            return List.of();
        }
        int laid = system.on(stand.head, system.ground(ground));
        List<Flow> flows = new ArrayList<>();
        Table table = system.at(laid, system.valuations().of(literals.facts(held)));
        // What stays above is followed with the ground unknown.
        follow(stand, laid, table, held, turn -> turn.actions().getFirst() instanceof TrailAction.CloseToPages, flows);
        return flows;
    }

    /** Whatever holds pages could lie beneath, where that matters. */
    private void beneath(Cell cell) {
        if (hanging.isEmpty() || !cell.level().holdsPages()) {
            return;
        }
        Cell.Ground ground = cell.groundAbove(system.named());
        if (grounds.add(ground)) {
            for (Stand stand : List.copyOf(hanging)) {
                stand.looked.forEach((held, flows) -> flows.addAll(laid(stand, held, ground)));
                await(stand);
            }
        }
    }

    /** A tab is shown from above the root of the one that was. */
    private void land(Stand root, TrailAction.ShowTab show) {
        Stand next = stand(system.after(root.head, show));
        lead(root, next, false);
        come(next, brought);
    }

    private void lead(Stand from, Stand to, boolean pushes) {
        Boolean known = to.into.get(from);
        if (known == null || pushes && !known) {
            to.into.put(from, pushes);
            goOn(from, to, pushes);
        }
    }

    /** A place goes, or what came after it. */
    private void go(Stand stand, Pairwise with) {
        Deque<Stand> left = new ArrayDeque<>();
        if (stand.exits.join(with)) {
            left.add(stand);
        }
        while (!left.isEmpty()) {
            Stand next = left.remove();
            for (Map.Entry<Stand, Boolean> into : List.copyOf(next.into.entrySet())) {
                if (into.getValue()) {
                    come(again(into.getKey()), next.exits);
                }
                if (into.getKey().exits.join(next.exits)) {
                    left.add(into.getKey());
                }
            }
        }
    }

    private void goOn(Stand from, Stand to, boolean pushes) {
        if (pushes) {
            come(again(from), to.exits);
            lead(from, again(from), false);
        }
        go(from, to.exits);
    }

    private void bring(Pairwise with) {
        if (brought.join(with)) {
            List.copyOf(inTabs).forEach(stand -> come(again(stand), brought));
        }
    }

    private boolean mayShowTab(String link) {
        return prototype
                .index()
                .way(link)
                .filter(w -> !w.isOfFrame())
                .filter(w -> w.link().effects().anyMatch(Effect.SwitchTab.class::isInstance))
                .isPresent();
    }

    /** Whether there was no room for all of it: then anything could be. */
    boolean isGivenUp() {
        return givenUp;
    }

    /** Ids of the links that could ever do something. */
    Set<String> fired() {
        return fired;
    }

    PossibleCells standing() {
        return standing;
    }
}
