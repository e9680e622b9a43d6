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
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.CellTab;
import pandel.core.check.compile.Literals;
import pandel.core.check.compile.Relevance;
import pandel.core.check.compile.Turn;
import pandel.core.check.compile.Turns;
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
        private final Cell cell;
        private final Pairwise might;
        /** What can be remembered when it goes. */
        private final Pairwise exits;

        private final Map<List<Integer>, List<Flow>> looked = new LinkedHashMap<>();
        private final Map<Stand, Boolean> into = new LinkedHashMap<>();
        private boolean waiting;

        private Stand(Cell cell, Literals literals) {
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

    private final Reachability exploration;
    private final Prototype prototype;
    private final Literals literals;
    private final Map<Cell, Stand> stands = new LinkedHashMap<>();
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

    OverApproximation(Reachability exploration, Prototype prototype, Relevance relevance) {
        this.exploration = exploration;
        this.prototype = prototype;
        this.literals = new Literals(prototype, relevance);
        this.givenUp = literals.areTooMany();
        this.brought = new Pairwise(literals);
        this.standing = new PossibleCells(exploration, prototype);
    }

    /** Follows everything from places that lie on one another, of which the last is current, for each start. */
    void run(List<List<Cell>> starts, BooleanSupplier calledOff) {
        for (List<Cell> lying : starts) {
            @Nullable Stand below = null;
            for (Cell cell : givenUp ? List.<Cell>of() : lying) {
                Stand stand = stand(cell);
                if (below != null) {
                    lead(below, stand, true);
                }
                below = stand;
            }
            if (below != null) {
                come(below, Pairwise.of(literals, literals.of(lying.getLast().facts())));
            }
        }
        while (!horizon.isEmpty() && !givenUp && !calledOff.getAsBoolean()) {
            Stand stand = horizon.remove();
            stand.waiting = false;
            look(stand);
            givenUp |= stands.size() > ROOM || tries > TRIES;
        }
    }

    private Stand stand(Cell cell) {
        Cell bare = standing.bare(cell);
        Stand known = stands.get(bare);
        if (known != null) {
            return known;
        }
        Stand made = new Stand(bare, literals);
        stands.put(bare, made);
        if (!bare.around().isEmpty()) {
            inTabs.add(made);
            come(again(made), brought);
            bare.around().stream().filter(CellTab::root).forEach(in -> {
                roots.computeIfAbsent(in.set(), set -> new ArrayList<>()).add(made);
                shown.values().stream()
                        .filter(show -> show.set().equals(in.set()))
                        .toList()
                        .forEach(show -> land(made, show));
            });
        }
        beneath(bare);
        return made;
    }

    private Stand again(Stand stand) {
        return stand(stand.cell.again(Facts.NONE));
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
        Set<String> own = exploration.turns().local().on(stand.cell.screen());
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
        Cell cell = stand.cell.staying(literals.facts(held), stand.cell.waited());
        Turns.All all = exploration.turns().at(cell);
        standing.note(cell, all);
        boolean doubt = !all.doubted().isEmpty();
        fired.addAll(all.doubted());
        all.turns().forEach(turn -> flows.add(flow(stand, cell, held, turn)));
        if (doubt) {
            flows.add(new Flow(null, List.of(), !cell.around().isEmpty()));
            givenUp |= all.doubted().stream().anyMatch(this::mayShowTab);
        }
        if (doubt && cell.ground() == Cell.Ground.UNKNOWN && hanging.add(stand)) {
            if (hanging.size() == 1) {
                List.copyOf(stands.keySet()).forEach(this::beneath);
            }
        }
        if (hanging.contains(stand)) {
            List.copyOf(grounds).forEach(ground -> flows.addAll(laid(stand, cell, held, ground)));
        }
        return flows;
    }

    private Flow flow(Stand stand, Cell cell, List<Integer> held, Turn turn) {
        turn.link().ifPresent(fired::add);
        List<Integer> set = turn.facts().equals(cell.facts())
                ? List.of()
                : held.stream()
                        .map(literal -> literals.of(turn.facts(), literals.factOf(literal)))
                        .filter(literal -> !held.contains(literal))
                        .toList();
        TrailAction last = turn.actions().getLast();
        boolean brings = last instanceof TrailAction.ShowTab || last instanceof TrailAction.ToRoot;
        Optional<Cell> to = exploration.uncovered(cell, turn);
        if (to.isPresent()) {
            Stand next = stand(to.get());
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
    private List<Flow> laid(Stand stand, Cell cell, List<Integer> held, Cell.Ground ground) {
        if (tries++ > TRIES) {
            return List.of();
        }
        Cell laid = cell.on(ground);
        return exploration
                .turns()
                .at(laid)
                .turns()
                .map(turn -> flow(stand, laid, held, turn))
                .toList();
    }

    /** Whatever holds pages could lie beneath, where that matters. */
    private void beneath(Cell cell) {
        if (hanging.isEmpty() || !cell.level().holdsPages()) {
            return;
        }
        Cell.Ground ground = cell.groundAbove(exploration.named());
        if (grounds.add(ground)) {
            for (Stand stand : List.copyOf(hanging)) {
                stand.looked.forEach((held, flows) -> flows.addAll(
                        laid(stand, stand.cell.staying(literals.facts(held), stand.cell.waited()), held, ground)));
                await(stand);
            }
        }
    }

    /** A tab is shown from above the root of the one that was. */
    private void land(Stand root, TrailAction.ShowTab show) {
        Stand next = stand(exploration.after(root.cell, show, Facts.NONE));
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

    /** How many places there are with everything that is remembered there, at most; no more are counted than that. */
    long size(int most) {
        long all = 0;
        Set<String> facts = new LinkedHashSet<>(literals.facts());
        for (Stand stand : stands.values()) {
            all += stand.might.of(facts, EACH).map(List::size).orElse(EACH);
            if (all > most) {
                return all;
            }
        }
        return all;
    }

    /** Ids of the links that could ever do something. */
    Set<String> fired() {
        return fired;
    }

    PossibleCells standing() {
        return standing;
    }
}
