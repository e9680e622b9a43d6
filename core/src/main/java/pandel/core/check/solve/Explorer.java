package pandel.core.check.solve;

import java.util.BitSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Table;
import pandel.core.check.relevance.Relevance;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;

/**
 * All places that use of any length can come to on one device, each with a shortest list of events that does.
 *
 * <p>Levels and trails make the situations those of a pushdown system (Bouajjani, Esparza, Maler 1997). Where no fact
 * changes that anything asks for, {@link ForwardSearch} is exact; only closing to pages needs to know what lies
 * beneath, which {@link pandel.core.check.turn.Cell.Ground} keeps, and returning to a screen, whether it lies behind,
 * which {@link pandel.core.check.relevance.FollowedScreens} keeps for as many as there is room for. Where facts change,
 * {@link Saturation} searches. What hangs on what is not followed is followed too, as far as it could lead: screens
 * come to only so are neither shown nor ruled out. Without facts it costs time and room in the number of heads and
 * links on them, both in proportion to the prototype; many tab sets in a large one make them many times more, and past
 * a bound it gives up and says so.
 */
public final class Explorer {

    private Explorer() {}

    /** The same on a system of its own. */
    static Reachability explore(
            Prototype prototype,
            Device device,
            Budget budget,
            Relevance relevance,
            List<? extends Start> from,
            BooleanSupplier calledOff) {
        return explore(new PushdownSystem(prototype, device, relevance, budget.followed()), budget, from, calledOff);
    }

    /**
     * Explores from every usable start among some until nothing is new, or until it is called off; then what it holds
     * is partial.
     */
    public static Reachability explore(
            PushdownSystem system, Budget budget, List<? extends Start> from, BooleanSupplier calledOff) {
        List<? extends Start> usable = from.stream()
                .filter(start -> StartCells.isUsable(system.prototype(), system.device(), start))
                .toList();
        if (!system.relevance().changes() && usable.stream().noneMatch(StartPoint.class::isInstance)) {
            return forward(system, usable, calledOff);
        }
        Reachability exact = saturated(system, usable, budget.withFacts(), calledOff);
        if (!exact.givenUp && exact.isWithoutDoubt()) {
            return exact;
        }
        OverApproximation most = new OverApproximation(system);
        most.run(usable.stream().map(start -> StartCells.lying(system, start)).toList(), calledOff);
        if (most.isGivenUp()) {
            Reachability all = exact.givenUp ? saturated(system, usable, Integer.MAX_VALUE, calledOff) : exact;
            followDoubts(all, Optional.empty(), calledOff);
            return all;
        }
        if (exact.givenUp) {
            return guided(system, usable, most, calledOff);
        }
        exact.possible = Optional.of(most.standing());
        if (isSettledBy(exact, most)) {
            exact.loose = system.relevance().changes();
            exact.perhapsFired.removeIf(id -> system.prototype().tabSetOf(id).isEmpty());
        } else {
            followDoubts(exact, Optional.of(most), calledOff);
        }
        return exact;
    }

    private static Reachability forward(PushdownSystem system, List<? extends Start> from, BooleanSupplier calledOff) {
        Reachability exploration = new Reachability(system);
        ForwardSearch forward = new ForwardSearch(
                exploration, Budget.room(system.prototype().screens().size()));
        forward.run(from, calledOff);
        exploration.take(forward.nodes(), forward.isGivenUp());
        if (exploration.givenUp || !exploration.isWithoutDoubt()) {
            followDoubts(exploration, Optional.empty(), calledOff);
        }
        return exploration;
    }

    /** @param most places at most; where there are more it is given up */
    private static Reachability saturated(
            PushdownSystem system, List<? extends Start> from, int most, BooleanSupplier calledOff) {
        Reachability exploration = new Reachability(system);
        if (most == 0) {
            exploration.givenUp = true;
            return exploration;
        }
        Saturation saturation = new Saturation(exploration, most);
        saturation.run(from, calledOff);
        exploration.take(saturation.nodes(), saturation.isGivenUp());
        return exploration;
    }

    /** Real situations, as far as they show something that was not seen yet; the rest is settled by what could be. */
    private static Reachability guided(
            PushdownSystem system, List<? extends Start> from, OverApproximation most, BooleanSupplier calledOff) {
        Reachability exploration = new Reachability(system);
        GuidedSearch guided = new GuidedSearch(exploration, new SearchGoal(system, most.standing()));
        from.forEach(start -> guided.begin(start, StartCells.lying(system, start)));
        guided.run(calledOff);
        exploration.take(guided.nodes(), false);
        exploration.fired.addAll(guided.fired());
        exploration.possible = Optional.of(most.standing());
        settle(exploration, most);
        return exploration;
    }

    /** Follows what hangs on what is not known, as far as it could lead. */
    private static void followDoubts(
            Reachability exploration, Optional<OverApproximation> bound, BooleanSupplier calledOff) {
        DoubtfulSearch perhaps = new DoubtfulSearch(exploration);
        perhaps.run(calledOff);
        exploration.perhapsReached.addAll(perhaps.reached());
        exploration.perhapsStuck.addAll(perhaps.stuck());
        exploration.perhapsFired.addAll(perhaps.fired());
        exploration.perhapsFired.removeAll(exploration.fired);
        bound.ifPresent(b -> keepWithin(exploration, b));
        exploration.loose = perhaps.isLoose();
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
                                || to.system().prototype().tabSetOf(id).isPresent())
                && most.standing().isStuckNowhereBut(to.nodes());
    }

    /** What cannot be need not be left open. */
    private static void keepWithin(Reachability to, OverApproximation most) {
        to.perhapsReached.retainAll(most.standing().ids(Trait.Kind.SHOWN));
        to.perhapsFired.retainAll(most.fired());
        to.perhapsStuck.retainAll(
                most.standing().stuck().stream().map(most.standing()::screen).collect(Collectors.toSet()));
    }

    /** What is not looked at is settled by what could be at most. */
    private static void settle(Reachability to, OverApproximation bound) {
        PossibleCells most = bound.standing();
        BitSet looked = new BitSet();
        BitSet alike = new BitSet();
        Set<Trait> missing = new LinkedHashSet<>(most.traits());
        for (Node node : to.nodes()) {
            looked.set(most.noted(node.head, node.valuation));
            Table table = node.table();
            if (table != null && !alike.get(table.number())) {
                alike.set(table.number());
                Trait.of(to.system().prototype(), table).forEach(missing::remove);
            }
        }
        to.perhapsReached.addAll(most.ids(Trait.Kind.SHOWN));
        to.perhapsReached.removeAll(to.nearest.keySet());
        to.perhapsFired.addAll(bound.fired());
        to.perhapsFired.removeAll(to.fired);
        most.stuck().stream()
                .filter(place -> !looked.get(place))
                .forEach(place -> to.perhapsStuck.add(most.screen(place)));
        to.spared = Optional.of(new Reachability.Spared(most, missing, most.shut()));
    }
}
