package pandel.core.check.solve;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.FollowedScreens;
import pandel.core.check.compile.Relevance;
import pandel.core.check.compile.Route;
import pandel.core.check.compile.Turn;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;

/**
 * All cells that use of any length can come to on one device, each with a shortest list of events that does.
 *
 * <p>Levels and trails make the situations those of a pushdown system (Bouajjani, Esparza, Maler 1997). Where no fact
 * changes that anything asks for, going back always uncovers a cell as it was when it was covered, so no cell is new by
 * going back, and plain search along what puts, swaps, raises and restarts is exact; only closing to pages needs to
 * know what lies beneath, which {@link pandel.core.check.compile.Cell.Ground} keeps, and returning to a screen, whether
 * it lies behind, which {@link FollowedScreens} keeps for as many as there is room for. Where facts change,
 * {@link PushdownSearch} searches. What hangs on what is not followed is followed too, as far as it could lead: screens
 * come to only so are neither shown nor ruled out. Without facts it costs time and room in the number of cells and
 * links on them, both in proportion to the prototype; many tab sets in a large one make them many times more, and past
 * a bound it gives up and says so.
 */
public final class Explorer {

    private Explorer() {}

    /**
     * Explores from every usable start among some until nothing is new, or until it is called off; then what it holds
     * is partial.
     */
    public static Reachability explore(
            Prototype prototype,
            Device device,
            Budget effort,
            Relevance relevance,
            List<? extends Start> from,
            BooleanSupplier calledOff) {
        Reachability exploration = new Reachability(prototype, device, effort, relevance);
        List<? extends Start> usable = from.stream()
                .filter(start -> StartCells.isUsable(prototype, device, start))
                .toList();
        Optional<OverApproximation> bound = Optional.empty();
        if (relevance.changes() || usable.stream().anyMatch(StartPoint.class::isInstance)) {
            OverApproximation most = new OverApproximation(exploration, prototype, relevance);
            most.run(
                    usable.stream()
                            .map(start -> StartCells.lying(exploration, prototype, relevance, start))
                            .toList(),
                    calledOff);
            bound = Optional.of(most).filter(b -> !b.isGivenUp());
            exploration.possible = bound.map(OverApproximation::standing);
            if (bound.isPresent() && most.size(effort.withFacts()) > effort.withFacts()) {
                GuidedSearch wandering = new GuidedSearch(
                        exploration,
                        prototype,
                        new SearchGoal(prototype, exploration.turns(), relevance, most.standing()));
                usable.forEach(
                        start -> wandering.begin(start, StartCells.lying(exploration, prototype, relevance, start)));
                wandering.run(calledOff);
                take(exploration, wandering.nodes(), false);
                exploration.fired.addAll(wandering.fired());
                take(exploration, most);
                return exploration;
            }
            PushdownSearch summaries = new PushdownSearch(exploration, prototype, relevance);
            summaries.run(usable, calledOff);
            take(exploration, summaries.nodes(), summaries.isGivenUp());
        } else {
            run(
                    exploration,
                    usable.stream()
                            .map(start -> new Node(
                                    StartCells.begun(exploration, prototype, relevance, (Entry) start),
                                    0,
                                    Route.NONE,
                                    start))
                            .toList(),
                    calledOff);
        }
        if (bound.filter(b -> isSettledBy(exploration, b)).isPresent()) {
            exploration.loose =
                    relevance.changes() && (!exploration.perhapsFired.isEmpty() || !exploration.doubtful.isEmpty());
            exploration.perhapsFired.removeIf(id -> prototype.tabSetOf(id).isEmpty());
            return exploration;
        }
        DoubtfulSearch perhaps = new DoubtfulSearch(exploration, exploration.perhapsFired, exploration.doubtful);
        perhaps.run(calledOff);
        exploration.perhapsReached.addAll(perhaps.reached());
        exploration.perhapsStuck.addAll(perhaps.stuck());
        exploration.perhapsFired.addAll(perhaps.fired());
        exploration.perhapsFired.removeAll(exploration.fired);
        bound.ifPresent(b -> keepWithin(exploration, b));
        exploration.loose = perhaps.isLoose();
        return exploration;
    }

    /** @param found in the order of their distances */
    private static void take(Reachability to, Collection<Node> found, boolean notAll) {
        to.givenUp = notAll;
        for (Node node : found) {
            node.number = to.nodes.size();
            to.nodes.put(node.cell, node);
            to.nearest.putIfAbsent(node.cell.screen(), node);
        }
    }

    /**
     * Whether all that could be was seen: what hangs on doubt need not be followed then. A tab shown as it was left is
     * named by its id, and is no link.
     */
    private static boolean isSettledBy(Reachability to, OverApproximation most) {
        return !to.givenUp
                && to.nearest.keySet().containsAll(most.standing().ids(Trait.Kind.SHOWN))
                && most.fired().stream()
                        .allMatch(id -> to.fired.contains(id)
                                || to.turns().prototype().tabSetOf(id).isPresent())
                && most.standing().isStuckNowhereBut(to.nodes.keySet());
    }

    /** What cannot be need not be left open. */
    private static void keepWithin(Reachability to, OverApproximation most) {
        to.perhapsReached.retainAll(most.standing().ids(Trait.Kind.SHOWN));
        to.perhapsFired.retainAll(most.fired());
        to.perhapsStuck.retainAll(
                most.standing().stuck().stream().map(Cell::screen).collect(Collectors.toSet()));
    }

    /** What is not looked at is settled by what could be at most. */
    private static void take(Reachability to, OverApproximation bound) {
        PossibleCells most = bound.standing();
        Set<Cell> looked = new HashSet<>();
        Set<Trait> missing = new LinkedHashSet<>(most.traits());
        for (Node node : to.nodes.values()) {
            if (looked.add(most.noted(node.cell))) {
                Trait.of(to.turns().prototype(), node.cell, to.turns().at(node.cell))
                        .forEach(missing::remove);
            }
        }
        to.perhapsReached.addAll(most.ids(Trait.Kind.SHOWN));
        to.perhapsReached.removeAll(to.nearest.keySet());
        to.perhapsFired.addAll(bound.fired());
        to.perhapsFired.removeAll(to.fired);
        most.stuck().stream()
                .filter(cell -> !looked.contains(cell))
                .forEach(cell -> to.perhapsStuck.add(cell.screen()));
        to.shut.addAll(most.shut());
        to.spared = Optional.of(new Reachability.Spared(most, missing));
    }

    private static void run(Reachability to, List<Node> starts, BooleanSupplier calledOff) {
        // Ties go to the one found first, so that the same prototype always gives the same lists of events.
        record Waiting(Node node, int order) {}
        PriorityQueue<Waiting> horizon = new PriorityQueue<>(
                Comparator.<Waiting>comparingInt(w -> w.node().distance).thenComparingInt(Waiting::order));
        int order = 0;
        // The shortest way found so far to each cell that is come to: nothing longer waits its turn as well.
        Map<Cell, Integer> found = new HashMap<>();
        for (Node start : starts) {
            found.merge(start.cell, start.distance, Math::min);
            horizon.add(new Waiting(start, order++));
        }
        int room = Budget.room(to.turns().prototype().screens().size());
        while (!horizon.isEmpty() && !calledOff.getAsBoolean()) {
            if (found.size() > room) {
                to.givenUp = true;
                return;
            }
            Node node = horizon.remove().node();
            if (to.nodes.putIfAbsent(node.cell, node) != null) {
                continue;
            }
            node.number = to.nodes.size() - 1;
            to.nearest.putIfAbsent(node.cell.screen(), node);
            to.look(node);
            node.mayBeginAnew = node.cell.waited() != 0 && node.all().stream().anyMatch(Turn::covers);
            for (Turn turn : node.all()) {
                Optional<Cell> cell = to.uncovered(node.cell, turn);
                int distance = node.distance + turn.events().size();
                if (cell.isPresent() && found.getOrDefault(cell.get(), Integer.MAX_VALUE) > distance) {
                    found.put(cell.get(), distance);
                    horizon.add(new Waiting(
                            new Node(cell.get(), distance, node.route.and(turn.events()), node.start), order++));
                }
            }
        }
    }
}
