package pandel.core.check.turn;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.check.relevance.Reads;
import pandel.core.check.relevance.Relevance;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Source;
import pandel.core.model.value.TouchedRow;
import pandel.core.model.value.Value;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.StackQuery;
import pandel.core.play.rule.TrailAction;

/**
 * What a link, a frame or the device does at a cell, as a turn: what surely does something, what may, and what comes to
 * nothing, by the rules of play.
 */
final class LinkTurns {

    private final Prototype prototype;
    private final Rules rules;
    private final Device device;
    private final FollowedScreens named;
    private final Relevance relevance;
    private final Set<Gesture> known;
    private final Set<String> opened;
    private Asked asked = new Asked();
    /** The cell looked at last, at which many links are as a rule. */
    private @Nullable Cell lastCell;

    private @Nullable Head last;

    LinkTurns(Prototype prototype, Device device, FollowedScreens named, Relevance relevance) {
        this.prototype = prototype;
        this.rules = new Rules(prototype);
        this.device = device;
        this.named = named;
        this.relevance = relevance;
        this.opened = openedWhereItLeads(prototype);
        this.known = EnumSet.noneOf(Gesture.class);
        Arrays.stream(Gesture.values()).filter(this::knows).forEach(known::add);
    }

    /** Ids of the drawers that some link opens at the place that it moves to. */
    private static Set<String> openedWhereItLeads(Prototype prototype) {
        return prototype.index().ways().stream()
                .flatMap(way -> way.link().branches().stream())
                .filter(branch -> branch.move().isPresent())
                .flatMap(branch -> branch.effects().stream())
                .filter(e -> e instanceof Effect.MoveDrawer move && move.how() != Effect.How.CLOSE)
                .map(e -> ((Effect.MoveDrawer) e).drawer())
                .collect(Collectors.toSet());
    }

    /**
     * The drawers that may be open at a cell because of what led back or down to it: which places that is, is not known
     * where it is done, so that it may be any at which they open.
     */
    Stream<String> mayBeOpen(Cell cell) {
        return opened.stream().filter(d -> rules.opensAt(device, cell.screen(), CellTab.around(cell.around()), d));
    }

    /** The rows that can make a difference: of those that hold the same of what its links read, the first. */
    List<Integer> rows(Hotspot hotspot) {
        if (hotspot.rows().isEmpty()) {
            return List.of(0);
        }
        if (relevance.rows().isAnyStepped(prototype, hotspot)) {
            return IntStream.rangeClosed(1, hotspot.rows().size()).boxed().toList();
        }
        Set<String> read = hotspot.links().stream()
                .flatMap(Reads::reads)
                .filter(Source.OfRow.class::isInstance)
                .map(s -> ((Source.OfRow) s).name())
                .collect(Collectors.toSet());
        Map<Map<String, Value>, Integer> first = new LinkedHashMap<>();
        for (int row = 1; row <= hotspot.rows().size(); row++) {
            Map<String, Value> values = new HashMap<>(hotspot.row(row));
            values.keySet().retainAll(read);
            first.putIfAbsent(values, row);
        }
        return List.copyOf(first.values());
    }

    /**
     * Each gesture that the device knows, with the first link for it.
     *
     * @param free whether a finger comes to it
     */
    void touches(List<Link> links, Predicate<Cause.Touch> free, BiConsumer<Cause.Touch, Link> then) {
        for (int i = 0; i < links.size(); i++) {
            if (links.get(i).cause() instanceof Cause.Touch touch
                    && known.contains(touch.gesture())
                    && isFirst(links, i)
                    && free.test(touch)) {
                then.accept(touch, links.get(i));
            }
        }
    }

    private static boolean isFirst(List<Link> links, int link) {
        for (int i = 0; i < link; i++) {
            if (links.get(i).cause().equals(links.get(link).cause())) {
                return false;
            }
        }
        return true;
    }

    static Optional<Link> own(Screen screen, Predicate<Cause> cause) {
        return screen.links().stream().filter(l -> cause.test(l.cause())).findFirst();
    }

    /** From here on it is noted what is asked of what lies behind and beneath. */
    Asked noting() {
        lastCell = null;
        asked = new Asked();
        return asked;
    }

    /** What can be read where a cell is current. */
    Head head(Cell cell) {
        if (cell != lastCell || last == null) {
            last = new Head(
                    device,
                    cell.screen(),
                    cell.at(),
                    CellTab.around(cell.around()),
                    cell.level(),
                    cell.first(),
                    asked.noting(query(cell)),
                    cell.known(),
                    cell.levels(),
                    device.width(),
                    cell.drawer(),
                    Optional.empty());
            lastCell = cell;
        }
        return last;
    }

    /** What lies behind a cell and beneath it. */
    StackQuery query(Cell cell) {
        return new MarkedStackQuery(prototype, named, cell);
    }

    /** What a link can turn out to, one after another; empty where none of its conditions holds. */
    List<RuleOutcome> add(Done turns, Cell cell, List<Event> before, Event last, Link link) {
        return add(turns, cell, TouchedRow.NONE, before, last, link);
    }

    List<RuleOutcome> add(Done turns, Cell cell, TouchedRow row, List<Event> before, Event last, Link link) {
        return add(turns, cell, head(cell).atRow(row), before, last, link);
    }

    /** @param head of the cell, or of what stands beside it */
    List<RuleOutcome> add(Done turns, Cell cell, Head head, List<Event> begun, Event begins, Link link) {
        // While it is at work nothing else can be done but giving it up, which changes nothing.
        List<Event> before = link.takes().isEmpty() ? begun : after(begun, begins);
        Event last = link.takes()
                .<Event>map(t -> t.ms().isPresent() ? new Event.Elapse(t.ms().getAsInt()) : new Event.Done(link.id()))
                .orElse(begins);
        return switch (rules.offer(head, link)) {
            case Offer.Nothing nothing -> List.of();
            case Offer.One one -> List.of(add(turns, cell, head, after(before, last), link, one.branch()));
            case Offer.Several several ->
                several.branches().stream()
                        .map(b -> add(
                                turns,
                                cell,
                                head,
                                after(before, last.turning(b.outcome().orElseThrow())),
                                link,
                                b))
                        .toList();
        };
    }

    /** Whether that surely does nothing, whatever lies behind. */
    static boolean comesToNothing(RuleOutcome ruling) {
        return !(ruling instanceof RuleOutcome.Acts) && !(ruling instanceof RuleOutcome.Depends);
    }

    /** The outcome of a link that does nothing; empty where it need not be named. */
    public Optional<String> idle(Cell cell, Link link) {
        Head head = head(cell);
        return rules.offer(head, link) instanceof Offer.Several several
                ? several.branches().stream()
                        .filter(b -> comesToNothing(rules.branch(head, b)))
                        .findFirst()
                        .flatMap(Branch::outcome)
                : Optional.empty();
    }

    private static List<Event> after(List<Event> before, Event last) {
        List<Event> events = new ArrayList<>(before);
        events.add(last);
        return events;
    }

    /** @param cell where it would stay, if nothing moves */
    private RuleOutcome add(Done turns, Cell cell, Head head, List<Event> events, Link link, Branch branch) {
        RuleOutcome ruling = rules.branch(head, branch);
        add(turns, cell, events, Optional.of(link.id()), ruling);
        idle(turns, link.id(), Optional.of(branch), head, events, ruling);
        return ruling;
    }

    /** Notes what comes to nothing. */
    public void idle(
            Done turns, String link, Optional<Branch> branch, Head head, List<Event> events, RuleOutcome ruling) {
        if (ruling instanceof RuleOutcome.NothingToDo || ruling instanceof RuleOutcome.Refused) {
            turns.idle().add(new Idle(link, branch, head.known(), events, ruling));
        }
    }

    void add(Done turns, Cell cell, List<Event> events, Optional<String> link, RuleOutcome ruling) {
        if (ruling instanceof RuleOutcome.Depends depends) {
            turns.back().add(link.orElseThrow());
            if (!depends.sets().isEmpty()) {
                turns.doubtful().add(turn(cell, events, link, depends.sets()));
            }
        }
        if (ruling instanceof RuleOutcome.NothingToDo && link.isPresent()) {
            turns.nothing().add(link.get());
        }
        if (ruling instanceof RuleOutcome.Acts acts && acts.actions().stream().noneMatch(LinkTurns::leadsToParked)) {
            // A tab that was shown before is as it was left, with facts that may be others now.
            if (relevance.changes()
                    && acts.actions().stream()
                            .anyMatch(a -> a instanceof TrailAction.ShowTab show
                                    && prototype
                                            .tabSet(show.set())
                                            .map(TabSet::keeps)
                                            .orElse(false))) {
                turns.back()
                        .add(acts.actions().stream()
                                .filter(TrailAction.ShowTab.class::isInstance)
                                .map(a -> ((TrailAction.ShowTab) a)
                                        .to()
                                        .tabs()
                                        .getFirst()
                                        .tab())
                                .findFirst()
                                .orElseThrow());
            }
            Turn turn = turn(cell, events, link, acts.actions());
            if (acts.actions().getFirst().moves()
                    && turn.drawer().isPresent()
                    && (!(turn.actions().getLast() instanceof TrailAction.Forward to)
                            || to instanceof TrailAction.ShowTab
                            || turn.actions().getFirst() instanceof TrailAction.CloseToPages)) {
                // What it goes back or down to is not known here, nor whether the drawer opens there: that is not
                // followed.
                turns.doubtful().add(turn);
                turns.doubtful()
                        .add(turn(
                                cell,
                                events,
                                link,
                                List.of(new TrailAction.OpenDrawer(turn.drawer().get()))));
                turns.back().add(link.orElseThrow());
                return;
            }
            turns.sure().add(turn);
        }
    }

    /** A wait is spent and does nothing; what is remembered may be other when the next one is due. */
    Turn spending(Cell then, List<Event> events) {
        return new Turn(
                events,
                Optional.empty(),
                List.of(new TrailAction.Spend()),
                then.facts(),
                then.held(),
                then.waited(),
                then.drawer());
    }

    public Rules rules() {
        return rules;
    }

    Device device() {
        return device;
    }

    /** Whether the device knows a gesture. */
    boolean knows(Gesture gesture) {
        return gesture.refusedBy(device).isEmpty();
    }

    public Prototype prototype() {
        return prototype;
    }

    /** Whether what is remembered can matter to a link: to its conditions, or to whether it is refused. */
    boolean asks(Link link) {
        return (relevance.changes() || relevance.anyHeld())
                && (link.branches().stream().anyMatch(b -> !b.when().isEmpty())
                        || Reads.reads(link).anyMatch(s -> s.fact().isPresent() || s instanceof Source.Typed));
    }

    Turn turn(Cell cell, List<Event> events, Optional<String> link, List<TrailAction> actions) {
        Facts facts = cell.facts();
        Optional<String> drawer = cell.drawer();
        int waited = cell.waited();
        for (TrailAction action : actions) {
            if (action instanceof TrailAction.BeginAgain again) {
                waited = WaitTurns.again(prototype.screen(cell.screen()).orElseThrow(), waited, again.link());
            }
            drawer = action instanceof TrailAction.OpenDrawer open
                    ? Optional.of(open.drawer())
                    : action instanceof TrailAction.CloseDrawer ? Optional.empty() : drawer;
            facts = action instanceof TrailAction.Set set ? facts.with(set.fact(), set.value()) : facts;
        }
        facts = relevance.notice().after(facts, events, actions);
        facts = facts == cell.facts() ? facts : relevance.of(facts);
        boolean moves = actions.getFirst().moves();
        return new Turn(
                events,
                link,
                moves ? actions.stream().filter(TrailAction::moves).toList() : actions,
                facts,
                cell.held(),
                moves ? 0 : waited,
                moves ? opensThere(actions) : drawer,
                actions.stream().anyMatch(TrailAction.LeaveTo.class::isInstance));
    }

    private static Optional<String> opensThere(List<TrailAction> actions) {
        return actions.stream()
                .flatMap(a -> a instanceof TrailAction.OpenThere open ? Stream.of(open.drawer()) : Stream.empty())
                .findFirst();
    }

    static boolean leadsToParked(TrailAction action) {
        return action instanceof TrailAction.Forward to && to.screen().status() == Status.PARKED;
    }
}
