package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Route;
import pandel.core.check.compile.Table;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.CellTab;
import pandel.core.check.turn.Turn;
import pandel.core.check.turn.Turns;
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
     * @param cell of the head
     * @param tabs ids of those that were shown in the sets around it
     */
    private record Stop(
            int head,
            int valuation,
            Cell cell,
            Route route,
            Start start,
            @Nullable Stop below,
            Set<String> tabs) {}

    private final Reachability exploration;
    private final PushdownSystem system;
    private final Prototype prototype;
    private final SearchGoal sparing;
    private final Places places = new Places();
    private final List<Node> nodes = new ArrayList<>();
    /** Those that wait to be looked at, by the numbers they stand in line with. */
    private final List<@Nullable Stop> waiting = new ArrayList<>();

    private Buckets horizon = new Buckets();
    private final Set<String> fired = new HashSet<>();
    private final List<Stop> spared = new ArrayList<>();

    GuidedSearch(Reachability exploration, SearchGoal sparing) {
        this.exploration = exploration;
        this.system = exploration.system();
        this.prototype = system.prototype();
        this.sparing = sparing;
    }

    /** @param lying the places of a start */
    void begin(Start start, StartCells.Lying lying) {
        @Nullable Stop below = null;
        for (int head : lying.heads()) {
            Cell cell = system.cell(head);
            below = new Stop(head, lying.valuation(), cell, Route.NONE, start, below, tabs(Set.of(), cell));
        }
        if (below != null) {
            await(below);
        }
    }

    /** Until all that could be was seen, or there is no more room. */
    void run(BooleanSupplier calledOff) {
        int room = Math.min(ROOM, EACH * prototype.screens().size());
        do {
            List<Stop> again = List.copyOf(spared);
            spared.clear();
            again.forEach(this::await);
            while (!horizon.isEmpty()
                    && nodes.size() < room
                    && !sparing.isMet()
                    && !sparing.isDone()
                    && !calledOff.getAsBoolean()) {
                come(Objects.requireNonNull(waiting.set(horizon.remove(), null)));
            }
            while (!horizon.isEmpty()) {
                spared.add(Objects.requireNonNull(waiting.get(horizon.remove())));
            }
            waiting.clear();
            horizon = new Buckets();
        } while (nodes.size() < room && !sparing.isDone() && !calledOff.getAsBoolean() && sparing.widen());
    }

    private void await(Stop stop) {
        if (places.find(stop.head(), stop.valuation()) == Places.NONE) {
            horizon.add(waiting.size(), stop.route().length());
            waiting.add(stop);
        }
    }

    private void come(Stop stop) {
        if (places.find(stop.head(), stop.valuation()) != Places.NONE) {
            return;
        }
        if (!sparing.wants(stop.head(), stop.valuation())) {
            spared.add(stop);
            return;
        }
        places.of(stop.head(), stop.valuation());
        Table table = exploration.look(stop.head(), stop.valuation());
        Node node = new Node(system, stop.head(), stop.valuation(), table, stop.route(), stop.start());
        nodes.add(node);
        sparing.see(stop.head(), stop.valuation(), table);
        node.mayComeAgain = table.covers();
        node.doubted().stream()
                .filter(id -> !fired.contains(id))
                .forEach(id -> prototype.index().way(id).ifPresent(way -> tryOut(stop, node, way)));
        for (int i = 0; i < table.all().size(); i++) {
            next(stop, table, i).ifPresent(this::await);
        }
    }

    /** A link that may return to what is not followed is tried out in play, where that lies behind. */
    private void tryOut(Stop stop, Node node, Way way) {
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
        Head head = exploration.walkTo(node).replay(prototype).head();
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

    /**
     * A turn at a stop.
     *
     * @param to the head that it newly leads to, if any
     * @param valuation what is remembered after it
     */
    private record Going(Stop from, Turn turn, int to, int valuation, Route by) {}

    /** Where a turn leads; empty where that is not followed. */
    private Optional<Stop> next(Stop stop, Table table, int number) {
        Turn turn = table.all().get(number);
        Going going = new Going(
                stop,
                turn,
                system.to(stop.head(), table, number),
                system.after(stop.head(), stop.valuation(), table.own(number)),
                table.route(number));
        TrailAction first = turn.actions().getFirst();
        TrailAction last = turn.actions().getLast();
        @Nullable Stop on = first instanceof TrailAction.CloseToPages ? toPages(stop) : stop;
        if (on == null) {
            return Optional.empty();
        }
        return switch (last) {
            case TrailAction.Put p -> forth(going, on);
            case TrailAction.Raise r -> forth(going, on);
            case TrailAction.Swap s
            when s.to().leavesTabs() && on.cell().isWithinTabs() ->
                down(on, c -> !c.isWithinTabs()).flatMap(root -> forth(going, root.below()));
            case TrailAction.Swap s -> forth(going, on.below());
            case TrailAction.Turn t -> forth(going, on.below());
            case TrailAction.StepRow s -> forth(going, on.below());
            case TrailAction.Staying s -> forth(going, on.below());
            case TrailAction.Restart r -> forth(going, null);
            case TrailAction.ShowTab show ->
                down(on, c -> c.isRootOf(show.set())).flatMap(root -> show(going, root, show));
            case TrailAction.ToRoot to -> down(on, c -> c.isRootOf(to.set())).flatMap(root -> back(going, root));
            case TrailAction.Drop d -> back(going, on.below());
            case TrailAction.DropTo to -> dropTo(on, to.screen()).flatMap(there -> back(going, there));
            case TrailAction.CloseLevel c -> back(going, beneath(on));
            case TrailAction.CloseToPages c -> back(going, on);
            case TrailAction.Leave l -> Optional.empty();
        };
    }

    private Optional<Stop> forth(Going going, @Nullable Stop below) {
        if (going.to() == Table.NOWHERE) {
            return Optional.empty();
        }
        TrailAction last = going.turn().actions().getLast();
        boolean begins = last instanceof TrailAction.Restart
                || system.cell(going.to()).around().stream().anyMatch(CellTab::root);
        return Optional.of(stop(
                going,
                going.to(),
                below,
                last instanceof TrailAction.Staying || !begins ? going.from().tabs() : Set.of()));
    }

    /** A tab that was shown before is as it was left, which is not followed. */
    private Optional<Stop> show(Going going, Stop root, TrailAction.ShowTab show) {
        boolean keeps = prototype.tabSet(show.set()).map(TabSet::keeps).orElse(true);
        if (keeps && show.to().tabs().stream().anyMatch(t -> root.tabs().contains(t.tab()))) {
            return Optional.empty();
        }
        return Optional.of(stop(going, system.after(root.head(), show), root.below(), root.tabs()));
    }

    /** An earlier place is current again. */
    private Optional<Stop> back(Going going, @Nullable Stop to) {
        return Optional.ofNullable(to)
                .map(there -> stop(going, system.again(there.head()), there.below(), there.tabs()));
    }

    private Stop stop(Going going, int head, @Nullable Stop below, Set<String> before) {
        Cell cell = system.cell(head);
        return new Stop(
                head,
                going.valuation(),
                cell,
                going.from().route().and(going.by()),
                going.from().start(),
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
    List<Node> nodes() {
        return nodes.stream().sorted(Comparator.comparingInt(n -> n.distance)).toList();
    }

    /** Ids of the links that were not sure to do anything, and did. */
    Set<String> fired() {
        return fired;
    }
}
