package pandel.core.check.solve;

import com.carrotsearch.hppc.IntArrayDeque;
import com.carrotsearch.hppc.IntArrayList;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.IntUnaryOperator;
import java.util.stream.Stream;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Table;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Turn;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Status;
import pandel.core.play.rule.TrailAction;

/**
 * What could be besides what is shown: everything that hangs on what is not known, as far as it could lead. Where facts
 * change, whatever was covered, or left in a tab, could come back with any facts with which anything goes back: more
 * than can be, and never less. What could lie beneath an overlay is a set of grounds; only where the rules do something
 * else on one than on another are they looked at apart. Past a bound anything could be.
 */
public final class DoubtfulSearch {

    /** Cells looked at, all that do the same as one, at most. */
    private static final int ROOM = 60_000;
    /** Cells tried on what could lie beneath them, at most. */
    private static final int TRIES = 400_000;

    private final Reachability exploration;
    private final PushdownSystem system;
    private final Prototype prototype;
    private final int itself;
    private final Set<String> fired;
    private final Set<String> reached = new LinkedHashSet<>();
    private final Set<String> stuck = new LinkedHashSet<>();
    /**
     * Heads as if nothing lay beneath, with what facts hold; and on which grounds each could lie, and was looked at.
     */
    private final Places places = new Places();

    private final List<BitSet> on = new ArrayList<>();
    private final List<BitSet> looked = new ArrayList<>();
    private final BitSet waiting = new BitSet();
    private final IntArrayDeque horizon = new IntArrayDeque();

    /** Heads that do the same on each of some grounds. */
    private record Group(int head, Table table, BitSet grounds, boolean known) {}

    /** Those that could be uncovered, and the valuations with which something goes back. */
    private final List<Group> covered = new ArrayList<>();

    private final IntArrayList brought = new IntArrayList();
    private final BitSet isBrought = new BitSet();
    /** Those from which something is done beneath on what is not known, and everything that could lie there. */
    private final Places hanging = new Places();

    private final BitSet grounds = new BitSet();
    private int count;
    private int tries;
    private boolean loose;

    DoubtfulSearch(Reachability exploration) {
        this.exploration = exploration;
        this.system = exploration.system();
        this.prototype = system.prototype();
        this.itself = system.ground(Cell.Ground.ITSELF);
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
            come(doubtful.head(i), doubtful.valuation(i));
        }
        exploration.nodes().stream()
                .filter(n ->
                        n.cell.ground() == Cell.Ground.UNKNOWN && !n.doubted().isEmpty())
                .forEach(n -> hang(n.head, n.valuation));
        if (loose) {
            exploration.nodes().forEach(n -> come(n.head, n.valuation));
        }
        while (!horizon.isEmpty() && !calledOff.getAsBoolean()) {
            int place = horizon.removeFirst();
            waiting.clear(place);
            groups(place).forEach(group -> look(place, group));
            if (count > ROOM || tries > TRIES || system.isTooLarge()) {
                anything();
                return;
            }
        }
        if (tries > TRIES) {
            anything();
        }
    }

    private int place(int head, int valuation) {
        int place = places.of(system.on(head, itself), valuation);
        if (place == on.size()) {
            on.add(new BitSet());
            looked.add(new BitSet());
        }
        return place;
    }

    private void come(int head, int valuation) {
        int place = place(head, valuation);
        if (!on.get(place).get(system.groundOf(head))) {
            on.get(place).set(system.groundOf(head));
            await(place);
        }
    }

    /** The same place on each of some grounds. */
    private void come(int head, int valuation, BitSet on) {
        int place = place(head, valuation);
        BitSet known = this.on.get(place);
        int before = known.cardinality();
        known.or(on);
        if (known.cardinality() > before) {
            await(place);
        }
    }

    private void await(int place) {
        if (!waiting.get(place)) {
            waiting.set(place);
            horizon.addLast(place);
        }
    }

    /** Of a place on the grounds on which it was not looked at, those that do the same. */
    private List<Group> groups(int place) {
        int valuation = places.valuation(place);
        BitSet fresh = (BitSet) on.get(place).clone();
        fresh.andNot(looked.get(place));
        looked.get(place).or(fresh);
        Map<Integer, Group> known = new LinkedHashMap<>();
        Map<Integer, Group> others = new LinkedHashMap<>();
        for (int ground = fresh.nextSetBit(0); ground >= 0; ground = fresh.nextSetBit(ground + 1)) {
            int head = system.on(places.head(place), ground);
            boolean isKnown = exploration.find(head, valuation) != null;
            tries++;
            if (loose || !isKnown) {
                Table table = system.at(head, valuation);
                (isKnown ? known : others)
                        .computeIfAbsent(table.number(), t -> new Group(head, table, new BitSet(), isKnown))
                        .grounds()
                        .set(ground);
            }
        }
        count += known.size() + others.size();
        return Stream.concat(known.values().stream(), others.values().stream()).toList();
    }

    private void look(int place, Group group) {
        int head = group.head();
        int valuation = places.valuation(place);
        Table table = group.table();
        Cell cell = system.cell(head);
        if (!exploration.nearest().containsKey(cell.screen())) {
            reached.add(cell.screen());
        }
        fired.addAll(table.doubted());
        beneath(cell);
        if (cell.ground() == Cell.Ground.UNKNOWN && !table.doubted().isEmpty()) {
            hang(head, valuation);
        }
        if (!group.known() && !system.onward(head, table).movesOn()) {
            stuck.add(cell.screen());
        }
        follow(group, valuation);
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
            covered.add(group);
            for (int i = 0; i < brought.size(); i++) {
                come(system.again(head), brought.get(i), group.grounds());
            }
        }
    }

    /**
     * What is done beneath from a place, on what is not known, is tried on everything that could lie there: once for
     * all that are the same but for what lies behind them, since what comes there does not depend on what is left.
     */
    private void hang(int head, int valuation) {
        int before = hanging.size();
        int detached = hanging.of(system.detached(head), valuation);
        if (detached < before) {
            return;
        }
        if (before == 0) {
            exploration.nodes().forEach(n -> beneath(n.cell));
            for (int i = 0; i < places.size(); i++) {
                if (!looked.get(i).isEmpty()) {
                    beneath(system.cell(places.head(i)));
                }
            }
        } else {
            grounds.stream().forEach(ground -> lay(detached, ground));
        }
    }

    /** Whatever holds pages could lie beneath. */
    private void beneath(Cell cell) {
        if (hanging.size() == 0 || !cell.level().holdsPages()) {
            return;
        }
        int ground = system.ground(cell.groundAbove(system.named()));
        if (!grounds.get(ground)) {
            grounds.set(ground);
            for (int i = 0; i < hanging.size(); i++) {
                lay(i, ground);
            }
        }
    }

    /** What stays above is followed with the ground unknown. */
    private void lay(int detached, int ground) {
        if (tries++ > TRIES) {
            return;
        }
        int valuation = hanging.valuation(detached);
        int laid = system.on(hanging.head(detached), ground);
        Table table = system.at(laid, valuation);
        for (int i = 0; i < table.all().size(); i++) {
            if (isBeneath(table.all().get(i))) {
                table.all().get(i).link().ifPresent(fired::add);
                come(laid, system.to(laid, table, i), valuation, table.own(i));
            }
        }
        for (int i = 0; i < table.doubtful().size(); i++) {
            if (isBeneath(table.doubtful().get(i))) {
                table.doubtful().get(i).link().ifPresent(fired::add);
                come(laid, system.toPerhaps(laid, table, i), valuation, table.doubtfulOwn(i));
            }
        }
    }

    private static boolean isBeneath(Turn turn) {
        return turn.actions().getFirst() instanceof TrailAction.CloseToPages;
    }

    private void follow(Group group, int valuation) {
        Table table = group.table();
        for (int i = 0; i < table.all().size(); i++) {
            int turn = i;
            follow(group, valuation, table.all().get(i), table.own(i), head -> system.to(head, table, turn));
        }
        for (int i = 0; i < table.doubtful().size(); i++) {
            int turn = i;
            follow(
                    group,
                    valuation,
                    table.doubtful().get(i),
                    table.doubtfulOwn(i),
                    head -> system.toPerhaps(head, table, turn));
        }
    }

    private void follow(Group group, int valuation, Turn turn, int own, IntUnaryOperator to) {
        turn.link().ifPresent(fired::add);
        int head = group.head();
        if (isBeneath(turn)) {
            group.grounds().stream().map(ground -> system.on(head, ground)).forEach(h -> {
                tries++;
                come(h, to.applyAsInt(h), valuation, own);
            });
            return;
        }
        int next = to.applyAsInt(head);
        if (next != Table.NOWHERE && system.groundOf(next) == system.groundOf(head) && keepsGround(turn, head)) {
            come(next, system.after(head, valuation, own), group.grounds());
        } else {
            come(head, next, valuation, own);
        }
    }

    /** Whether what comes lies on whatever the head lies on. */
    private boolean keepsGround(Turn turn, int head) {
        TrailAction last = turn.actions().getLast();
        return !(last instanceof TrailAction.Restart)
                && !(last instanceof TrailAction.Raise
                        && system.cell(head).level().holdsPages());
    }

    private void come(int from, int to, int valuation, int own) {
        if (to != Table.NOWHERE) {
            come(to, system.after(from, valuation, own));
        }
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
                come(
                        system.again(covered.get(i).head()),
                        valuation,
                        covered.get(i).grounds());
            }
        }
    }

    private void anything() {
        prototype.screens().stream().filter(s -> s.status() != Status.PARKED).forEach(s -> {
            if (!SurelyLeadingOn.is(prototype, s)) {
                stuck.add(s.id());
            }
            if (!exploration.nearest().containsKey(s.id())) {
                reached.add(s.id());
            }
        });
        prototype.index().ways().forEach(way -> fired.add(way.link().id()));
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
