package pandel.core.check.solve;

import com.carrotsearch.hppc.IntArrayDeque;
import com.carrotsearch.hppc.IntArrayList;
import java.util.BitSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Table;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Turn;
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
    private final PushdownSystem system;
    private final Prototype prototype;
    private final Set<String> fired;
    private final Set<String> reached = new LinkedHashSet<>();
    private final Set<String> stuck = new LinkedHashSet<>();
    private final Places places = new Places();
    private final BitSet seen = new BitSet();
    private final IntArrayDeque horizon = new IntArrayDeque();
    /** Those that could be uncovered, and the valuations with which something goes back. */
    private final IntArrayList covered = new IntArrayList();

    private final IntArrayList brought = new IntArrayList();
    private final BitSet isBrought = new BitSet();
    /** Those from which something is done beneath on what is not known, and everything that could lie there. */
    private final IntArrayList hanging = new IntArrayList();

    private final Set<Cell.Ground> grounds = new LinkedHashSet<>();
    private int count;
    private int tries;
    private boolean loose;

    DoubtfulSearch(Reachability exploration) {
        this.exploration = exploration;
        this.system = exploration.system();
        this.prototype = system.prototype();
        this.fired = new LinkedHashSet<>(exploration.perhapsFired);
    }

    void run(BooleanSupplier calledOff) {
        Places doubtful = exploration.doubtful;
        boolean doubts = !fired.isEmpty() || doubtful.size() > 0;
        if (exploration.isGivenUp()) {
            anything();
            return;
        }
        loose = exploration.remembers() && doubts;
        for (int i = 0; i < doubtful.size(); i++) {
            follow(doubtful.head(i), doubtful.valuation(i));
        }
        exploration.nodes().stream()
                .filter(n ->
                        n.cell.ground() == Cell.Ground.UNKNOWN && !n.doubted().isEmpty())
                .forEach(n -> hang(places.of(n.head, n.valuation)));
        if (loose) {
            exploration.nodes().forEach(n -> follow(n.head, n.valuation));
        }
        while (!horizon.isEmpty() && !calledOff.getAsBoolean()) {
            int place = horizon.removeFirst();
            boolean known = exploration.find(places.head(place), places.valuation(place)) != null;
            if (known && !loose || seen.get(place)) {
                continue;
            }
            seen.set(place);
            if (++count > ROOM || tries > TRIES) {
                anything();
                return;
            }
            look(place, known);
        }
        if (tries > TRIES) {
            anything();
        }
    }

    private void look(int place, boolean known) {
        int head = places.head(place);
        int valuation = places.valuation(place);
        Table table = system.at(head, valuation);
        Cell cell = system.cell(head);
        if (!exploration.nearest().containsKey(cell.screen())) {
            reached.add(cell.screen());
        }
        fired.addAll(table.doubted());
        beneath(cell);
        if (cell.ground() == Cell.Ground.UNKNOWN && !table.doubted().isEmpty()) {
            hang(place);
        }
        if (!known && !system.onward(head, table).movesOn()) {
            stuck.add(cell.screen());
        }
        follow(head, valuation, table);
        for (int i = 0; i < table.all().size(); i++) {
            bring(table.all().get(i), system.after(head, valuation, table.own(i)));
        }
        boolean covers = !cell.around().isEmpty() || table.covers();
        for (int i = 0; i < table.doubtful().size(); i++) {
            covers |= table.doubtful().get(i).covers();
            int then = system.after(head, valuation, table.doubtfulOwn(i));
            bring(table.doubtful().get(i), then);
            if (!table.doubted().isEmpty()) {
                bring(then);
            }
        }
        if (!table.doubted().isEmpty()) {
            bring(valuation);
        }
        if (loose && covers) {
            covered.add(place);
            for (int i = 0; i < brought.size(); i++) {
                follow(system.again(head), brought.get(i));
            }
        }
    }

    /** What is done beneath from a place, on what is not known, is tried on everything that could lie there. */
    private void hang(int place) {
        boolean first = hanging.isEmpty();
        hanging.add(place);
        if (first) {
            exploration.nodes().forEach(n -> beneath(n.cell));
            seen.stream().boxed().toList().forEach(p -> beneath(system.cell(places.head(p))));
        } else {
            List.copyOf(grounds).forEach(ground -> lay(place, ground));
        }
    }

    /** Whatever holds pages could lie beneath. */
    private void beneath(Cell cell) {
        if (hanging.isEmpty() || !cell.level().holdsPages()) {
            return;
        }
        Cell.Ground ground = cell.groundAbove(system.named());
        if (grounds.add(ground)) {
            for (int i = 0; i < hanging.size(); i++) {
                lay(hanging.get(i), ground);
            }
        }
    }

    private void lay(int place, Cell.Ground ground) {
        if (tries++ > TRIES) {
            return;
        }
        int laid = system.on(places.head(place), ground);
        follow(laid, places.valuation(place), system.at(laid, places.valuation(place)));
    }

    private void follow(int head, int valuation, Table table) {
        for (int i = 0; i < table.all().size(); i++) {
            table.all().get(i).link().ifPresent(fired::add);
            int to = system.to(head, table, i);
            if (to != Table.NOWHERE) {
                follow(to, system.after(head, valuation, table.own(i)));
            }
        }
        for (int i = 0; i < table.doubtful().size(); i++) {
            table.doubtful().get(i).link().ifPresent(fired::add);
            int to = system.toPerhaps(head, table, i);
            if (to != Table.NOWHERE) {
                follow(to, system.after(head, valuation, table.doubtfulOwn(i)));
            }
        }
    }

    private void follow(int head, int valuation) {
        horizon.addLast(places.of(head, valuation));
    }

    private void bring(Turn turn, int valuation) {
        TrailAction last = turn.actions().getLast();
        boolean forth = last instanceof TrailAction.Forward || last instanceof TrailAction.Staying;
        if (!forth || turn.actions().size() > 1 || last instanceof TrailAction.ShowTab) {
            bring(valuation);
        }
    }

    /** Something goes back with facts: whatever is covered could be uncovered with them. */
    private void bring(int valuation) {
        if (loose && !isBrought.get(valuation)) {
            isBrought.set(valuation);
            brought.add(valuation);
            for (int i = 0; i < covered.size(); i++) {
                follow(system.again(places.head(covered.get(i))), valuation);
            }
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
