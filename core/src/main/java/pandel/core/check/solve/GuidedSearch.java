package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.Route;
import pandel.core.check.compile.Turn;
import pandel.core.check.compile.Turns;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.start.Start;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;

/**
 * A search for situations where facts make too many for all of them: real ones, with all that lies behind and beneath,
 * the nearest first, as far as {@link SearchGoal} wants them. What it comes to is come to; of what it does not come to
 * it says nothing.
 */
public final class GuidedSearch {

    /** Places looked at, at most, for each screen and in all. */
    private static final int EACH = 100;

    private static final int ROOM = 60_000;

    /**
     * A place that was come to, on what it lies.
     *
     * @param tabs ids of those that were shown in the sets around it
     */
    private record Stop(Node node, @Nullable Stop below, Set<String> tabs) {

        Cell cell() {
            return node.cell;
        }
    }

    private record Waiting(Stop stop, int order) {}

    private final Reachability exploration;
    private final Prototype prototype;
    private final SearchGoal sparing;
    private final Map<Cell, Node> nodes = new LinkedHashMap<>();
    private final PriorityQueue<Waiting> horizon = new PriorityQueue<>(
            Comparator.<Waiting>comparingInt(w -> w.stop().node().distance).thenComparingInt(Waiting::order));
    private final Set<String> fired = new HashSet<>();
    private final List<Stop> spared = new ArrayList<>();
    private int order;

    GuidedSearch(Reachability exploration, Prototype prototype, SearchGoal sparing) {
        this.exploration = exploration;
        this.prototype = prototype;
        this.sparing = sparing;
    }

    /** @param lying the places of a start, one on the other */
    void begin(Start start, List<Cell> lying) {
        @Nullable Stop below = null;
        for (Cell cell : lying) {
            below = new Stop(new Node(cell, 0, Route.NONE, start), below, tabs(Set.of(), cell));
        }
        if (below != null) {
            horizon.add(new Waiting(below, order++));
        }
    }

    /** Until all that could be was seen, or there is no more room. */
    void run(BooleanSupplier calledOff) {
        int room = Math.min(ROOM, EACH * prototype.screens().size());
        do {
            List<Stop> again = List.copyOf(spared);
            spared.clear();
            again.forEach(stop -> horizon.add(new Waiting(stop, order++)));
            while (!horizon.isEmpty()
                    && nodes.size() < room
                    && !sparing.isMet()
                    && !sparing.isDone()
                    && !calledOff.getAsBoolean()) {
                come(horizon.remove().stop());
            }
            horizon.forEach(waiting -> spared.add(waiting.stop()));
            horizon.clear();
        } while (nodes.size() < room && !sparing.isDone() && !calledOff.getAsBoolean() && sparing.widen());
    }

    private void come(Stop stop) {
        if (nodes.containsKey(stop.cell())) {
            return;
        }
        if (!sparing.wants(stop.cell())) {
            spared.add(stop);
            return;
        }
        Node node = stop.node();
        nodes.put(node.cell, node);
        sparing.see(node.cell, exploration.look(node));
        node.mayComeAgain = node.all().stream().anyMatch(Turn::covers);
        node.doubted.stream()
                .filter(id -> !fired.contains(id))
                .forEach(id -> prototype.index().way(id).ifPresent(way -> tryOut(stop, way)));
        node.all().forEach(turn -> next(stop, turn).ifPresent(next -> horizon.add(new Waiting(next, order++))));
    }

    /** A link that may return to what is not followed is tried out in play, where that lies behind. */
    private void tryOut(Stop stop, Way way) {
        if (way.link()
                .effects()
                .noneMatch(e -> e instanceof Effect.ReturnTo to
                        && down(
                                        stop,
                                        c -> c.isNamed(to.to().id())
                                                || c.isIn(to.to().id()))
                                .isPresent())) {
            return;
        }
        Head head = exploration.walkTo(stop.node()).replay(prototype).head();
        Rules rules = exploration.turns().rules();
        Stream<Branch> offered = switch (rules.offer(head, way.link())) {
            case Offer.Nothing nothing -> Stream.of();
            case Offer.One one -> Stream.of(one.branch());
            case Offer.Several several -> several.branches().stream();
        };
        if (offered.anyMatch(branch -> rules.branch(head, branch) instanceof RuleOutcome.Acts acts
                && acts.actions().stream().noneMatch(Turns::leadsToParked))) {
            fired.add(way.link().id());
            sparing.see(stop.cell().screen(), way.link().id());
        }
    }

    /** Where a turn leads; empty where that is not followed. */
    private Optional<Stop> next(Stop stop, Turn turn) {
        TrailAction first = turn.actions().getFirst();
        TrailAction last = turn.actions().getLast();
        @Nullable Stop on = first instanceof TrailAction.CloseToPages ? toPages(stop) : stop;
        if (on == null) {
            return Optional.empty();
        }
        return switch (last) {
            case TrailAction.Put p -> forth(stop, turn, on);
            case TrailAction.Raise r -> forth(stop, turn, on);
            case TrailAction.Swap s
            when s.to().leavesTabs() && on.cell().isWithinTabs() ->
                down(on, c -> !c.isWithinTabs()).flatMap(root -> forth(stop, turn, root.below()));
            case TrailAction.Swap s -> forth(stop, turn, on.below());
            case TrailAction.Turn t -> forth(stop, turn, on.below());
            case TrailAction.Staying s -> forth(stop, turn, on.below());
            case TrailAction.Restart r -> forth(stop, turn, null);
            case TrailAction.ShowTab show ->
                down(on, c -> c.isRootOf(show.set())).flatMap(root -> show(stop, turn, root, show));
            case TrailAction.ToRoot to -> down(on, c -> c.isRootOf(to.set())).flatMap(root -> back(stop, turn, root));
            case TrailAction.Drop d -> back(stop, turn, on.below());
            case TrailAction.DropTo to -> dropTo(on, to.screen()).flatMap(there -> back(stop, turn, there));
            case TrailAction.CloseLevel c -> back(stop, turn, beneath(on));
            case TrailAction.CloseToPages c -> back(stop, turn, on);
            case TrailAction.Leave l -> Optional.empty();
        };
    }

    private Optional<Stop> forth(Stop from, Turn turn, @Nullable Stop below) {
        return exploration
                .uncovered(from.cell(), turn)
                .map(cell -> stop(
                        from,
                        turn,
                        cell,
                        below,
                        turn.actions().getLast() instanceof TrailAction.Staying
                                ? from.tabs()
                                : turn.actions().getLast() instanceof TrailAction.Restart
                                                || cell.around().stream().anyMatch(in -> in.root())
                                        ? Set.of()
                                        : from.tabs()));
    }

    /** A tab that was shown before is as it was left, which is not followed. */
    private Optional<Stop> show(Stop from, Turn turn, Stop root, TrailAction.ShowTab show) {
        boolean keeps = prototype.tabSet(show.set()).map(TabSet::keeps).orElse(true);
        if (keeps && show.to().tabs().stream().anyMatch(t -> root.tabs().contains(t.tab()))) {
            return Optional.empty();
        }
        return Optional.of(
                stop(from, turn, exploration.after(root.cell(), show, turn.facts()), root.below(), root.tabs()));
    }

    /** An earlier place is current again. */
    private Optional<Stop> back(Stop from, Turn turn, @Nullable Stop to) {
        return Optional.ofNullable(to)
                .map(there -> stop(from, turn, there.cell().again(turn.facts()), there.below(), there.tabs()));
    }

    private static Stop stop(Stop from, Turn turn, Cell cell, @Nullable Stop below, Set<String> before) {
        Node node = from.node();
        return new Stop(
                new Node(cell, node.distance + turn.events().size(), node.route.and(turn.events()), node.start),
                below,
                tabs(before, cell));
    }

    private static Set<String> tabs(Set<String> before, Cell cell) {
        if (cell.around().isEmpty()) {
            return before;
        }
        Set<String> all = new HashSet<>(before);
        cell.around().forEach(in -> all.add(in.tab()));
        return all;
    }

    /** The nearest place, itself first, of a kind. */
    private static Optional<Stop> down(Stop from, java.util.function.Predicate<Cell> kind) {
        @Nullable Stop at = from;
        while (at != null && !kind.test(at.cell())) {
            at = at.below();
        }
        return Optional.ofNullable(at);
    }

    private static Optional<Stop> dropTo(Stop from, String id) {
        Stop above = from;
        @Nullable Stop at = from.below();
        while (at != null
                && !(at.cell().isNamed(id)
                        || at.cell().isIn(id) && !above.cell().isIn(id))) {
            above = at;
            at = at.below();
        }
        return Optional.ofNullable(at);
    }

    /** The place that is uncovered when a level closes. */
    private static @Nullable Stop beneath(Stop on) {
        @Nullable Stop at = on;
        while (at != null && !at.cell().first()) {
            at = at.below();
        }
        return at == null ? null : at.below();
    }

    private static @Nullable Stop toPages(Stop on) {
        @Nullable Stop at = beneath(on);
        while (at != null && !at.cell().level().holdsPages()) {
            at = beneath(at);
        }
        return at;
    }

    /** What was looked at, the nearest first. */
    Collection<Node> nodes() {
        return nodes.values().stream()
                .sorted(Comparator.comparingInt(n -> n.distance))
                .toList();
    }

    /** Ids of the links that were not sure to do anything, and did. */
    Set<String> fired() {
        return fired;
    }
}
