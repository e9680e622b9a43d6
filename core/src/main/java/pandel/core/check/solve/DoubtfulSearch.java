package pandel.core.check.solve;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.Done;
import pandel.core.check.compile.Turn;
import pandel.core.check.compile.Turns;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.TrailAction;

/**
 * What could be besides what is shown: everything that hangs on what is not known, as far as it could lead. Where facts
 * change, whatever was covered, or left in a tab, could come back with any facts with which anything goes back: more
 * than can be, and never less. Past a bound anything could be.
 */
public final class DoubtfulSearch {

    /** Cells looked at, at most. */
    private static final int ROOM = 60_000;
    /** Cells tried on what could lie beneath them, at most. */
    private static final int TRIES = 300_000;

    private final Reachability exploration;
    private final Prototype prototype;
    private final List<Cell> doubtful;
    private final Set<String> fired;
    private final Set<String> reached = new LinkedHashSet<>();
    private final Set<String> stuck = new LinkedHashSet<>();
    private final Set<Cell> seen = new HashSet<>();
    private final Deque<Cell> horizon = new ArrayDeque<>();
    /** Those that could be uncovered, and the facts with which something goes back. */
    private final List<Cell> covered = new ArrayList<>();

    private final Set<Facts> brought = new LinkedHashSet<>();
    /** Those from which something is done beneath on what is not known, and everything that could lie there. */
    private final List<Cell> hanging = new ArrayList<>();

    private final Set<Cell.Ground> solution = new LinkedHashSet<>();
    private int tries;
    private boolean loose;

    /** @param fired ids of the links of which it is not known whether they do something */
    DoubtfulSearch(Reachability exploration, Set<String> fired, List<Cell> doubtful) {
        this.exploration = exploration;
        this.prototype = exploration.turns().prototype();
        this.fired = new LinkedHashSet<>(fired);
        this.doubtful = doubtful;
    }

    void run(BooleanSupplier calledOff) {
        boolean remembers = exploration.remembers();
        boolean doubts = !fired.isEmpty() || !doubtful.isEmpty();
        if (exploration.isGivenUp()) {
            anything();
            return;
        }
        loose = remembers && doubts;
        horizon.addAll(doubtful);
        exploration.nodes().stream()
                .filter(n -> n.cell.ground() == Cell.Ground.UNKNOWN && !n.doubted.isEmpty())
                .forEach(n -> hang(n.cell));
        if (loose) {
            exploration.nodes().forEach(n -> horizon.add(n.cell));
        }
        while (!horizon.isEmpty() && !calledOff.getAsBoolean()) {
            Cell cell = horizon.remove();
            boolean known = exploration.node(cell).isPresent();
            if (known && !loose || !seen.add(cell)) {
                continue;
            }
            if (seen.size() > ROOM || tries > TRIES) {
                anything();
                return;
            }
            look(cell, known);
        }
        if (tries > TRIES) {
            anything();
        }
    }

    private void look(Cell cell, boolean known) {
        if (!exploration.nearest().containsKey(cell.screen())) {
            reached.add(cell.screen());
        }
        Turns.All all = exploration.turns().at(cell);
        Done done = all.here();
        fired.addAll(all.doubted());
        beneath(cell);
        if (cell.ground() == Cell.Ground.UNKNOWN && !all.doubted().isEmpty()) {
            hang(cell);
        }
        if (!known && done.sure().stream().noneMatch(turn -> exploration.leadsOn(cell, turn))) {
            stuck.add(cell.screen());
        }
        boolean covers = !cell.around().isEmpty();
        for (Turn turn : all.turns().toList()) {
            follow(cell, turn);
            TrailAction last = turn.actions().getLast();
            covers |= turn.covers();
            boolean forth = last instanceof TrailAction.Forward || last instanceof TrailAction.Staying;
            if (!forth || turn.actions().size() > 1 || last instanceof TrailAction.ShowTab) {
                bring(turn.facts());
            }
        }
        if (!all.doubted().isEmpty()) {
            bring(cell.facts());
            done.doubtful().forEach(t -> bring(t.facts()));
        }
        if (loose && covers) {
            covered.add(cell);
            brought.forEach(facts -> horizon.add(cell.again(facts)));
        }
    }

    /** What is done beneath from a cell, on what is not known, is tried on everything that could lie there. */
    private void hang(Cell cell) {
        boolean first = hanging.isEmpty();
        hanging.add(cell);
        if (first) {
            exploration.nodes().forEach(n -> beneath(n.cell));
            seen.forEach(this::beneath);
        } else {
            solution.forEach(ground -> lay(cell, ground));
        }
    }

    /** Whatever holds pages could lie beneath. */
    private void beneath(Cell cell) {
        if (hanging.isEmpty() || !cell.level().holdsPages()) {
            return;
        }
        Cell.Ground ground = cell.groundAbove(exploration.named());
        if (solution.add(ground)) {
            hanging.forEach(above -> lay(above, ground));
        }
    }

    private void lay(Cell cell, Cell.Ground ground) {
        if (tries++ > TRIES) {
            return;
        }
        Cell laid = cell.on(ground);
        exploration.turns().at(laid).turns().forEach(turn -> follow(laid, turn));
    }

    private void follow(Cell cell, Turn turn) {
        turn.link().ifPresent(fired::add);
        exploration.uncovered(cell, turn).ifPresent(horizon::add);
    }

    /** Something goes back with facts: whatever is covered could be uncovered with them. */
    private void bring(Facts facts) {
        if (loose && brought.add(facts)) {
            covered.forEach(cell -> horizon.add(cell.again(facts)));
        }
    }

    private void anything() {
        boolean shutIn = prototype.drawers().stream().anyMatch(d -> !d.outside());
        prototype.screens().stream()
                .filter(s -> s.status() != Status.PARKED)
                .map(Screen::id)
                .forEach(id -> {
                    if (shutIn || !surelyLeadsOn(prototype.screen(id).orElseThrow())) {
                        stuck.add(id);
                    }
                    if (!exploration.nearest().containsKey(id)) {
                        reached.add(id);
                    }
                });
        prototype.index().ways().forEach(way -> fired.add(way.link().id()));
    }

    /** Whether a tap that is always there, whatever is remembered or lies behind, shows another screen. */
    private boolean surelyLeadsOn(Screen screen) {
        return prototype.index().hotspotsOn(screen.id()).stream()
                .filter(h -> h.rows().isEmpty()
                        && screen.states().stream().noneMatch(s -> s.hides().contains(h.id())))
                .flatMap(h -> h.linkFor(new Cause.Touch(Gesture.TAP)).stream())
                .filter(l -> l.branches().size() == 1)
                .map(l -> l.branches().getFirst())
                .filter(b ->
                        b.when().isEmpty() && b.where().isEmpty() && b.effects().size() == 1)
                .flatMap(b -> b.effects().stream())
                .filter(e -> e instanceof Effect.Advance || e instanceof Effect.Replace || e instanceof Effect.Restart)
                .map(e -> e.target().orElseThrow())
                .anyMatch(t -> t instanceof Target.ToScreen
                        && Targets.shown(prototype, t)
                                .filter(to -> to.form() == Form.PAGE
                                        && to.status() != Status.PARKED
                                        && !to.id().equals(screen.id())
                                        && to.expects().stream().noneMatch(Expected::mustBeCarried))
                                .isPresent());
    }

    /** Ids of the links that may do something. */
    Set<String> fired() {
        return fired;
    }

    /** Ids of the screens that are not shown and may be. */
    Set<String> reached() {
        return reached;
    }

    /** Ids of the screens that may be come to in a way from which nothing leads on at once. */
    Set<String> stuck() {
        return stuck;
    }

    /** Whether facts change, and what hangs on what is not known was followed with any of them. */
    boolean isLoose() {
        return loose;
    }
}
