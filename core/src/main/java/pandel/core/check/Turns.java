package pandel.core.check;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.value.Facts;
import pandel.core.model.value.PlaceMemory;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;

/**
 * Everything that can be done at a cell and does something there. Links to parked screens count as doing nothing. Where
 * it is not known whether a screen lies behind, what hangs on that is told apart as doubtful.
 */
final class Turns {

    private final Prototype prototype;
    private final Rules rules;
    private final Device device;
    private final Named named;
    private final Asked asked;
    private final List<Gesture> known;
    private final Local local;
    private final Map<Object, All> made = new HashMap<>();
    private final Likenesses likenesses;

    /** @param asked what matters of the facts; of the rest nothing is kept */
    Turns(Prototype prototype, Device device, Named named, Asked asked) {
        this.asked = asked;
        this.local = new Local(prototype, asked);
        this.prototype = prototype;
        this.rules = new Rules(prototype);
        this.device = device;
        this.named = named;
        this.likenesses = new Likenesses(prototype, named);
        this.known = Arrays.stream(Gesture.values())
                .filter(g -> g.refusedBy(device).isEmpty())
                .toList();
    }

    /**
     * What can be done at a cell.
     *
     * @param sure what surely does something
     * @param doubtful waits that come only when an earlier one finds nothing to return to, or whose moment is not known
     * @param nothing ids of the links that surely find nothing to do
     * @param back ids of the links that may return to a screen, or may find nothing to return to
     * @param idle what surely comes to nothing, each with how
     */
    record Done(List<Turn> sure, List<Turn> doubtful, Set<String> back, Set<String> nothing, List<Idle> idle) {

        Done() {
            this(new ArrayList<>(), new ArrayList<>(), new LinkedHashSet<>(), new LinkedHashSet<>(), new ArrayList<>());
        }

        private Done with(UnaryOperator<Facts> after) {
            return new Done(
                    sure.stream()
                            .map(t -> t.remembering(after.apply(t.facts())))
                            .toList(),
                    doubtful.stream()
                            .map(t -> t.remembering(after.apply(t.facts())))
                            .toList(),
                    back,
                    nothing,
                    idle);
        }
    }

    /**
     * Everything at a cell.
     *
     * @param here all but the device's own back, in file order: hotspots, the screen's gestures, what the overlay does,
     *     waits
     * @param back what device back does
     */
    record All(Done here, Done back) {

        /** Ids of the links of which it is not known whether they return to anything, device back among them. */
        Set<String> doubted() {
            return joined(here.back(), back.back());
        }

        /** Ids of the links that surely find nothing to do, device back among them. */
        Set<String> nothing() {
            return joined(here.nothing(), back.nothing());
        }

        /** What surely comes to nothing, device back among it. */
        List<Idle> idle() {
            return back.idle().isEmpty()
                    ? here.idle()
                    : Stream.concat(here.idle().stream(), back.idle().stream()).toList();
        }

        /** What surely does something, and what may. */
        Stream<Turn> turns() {
            return Stream.of(here.sure(), here.doubtful(), back.sure(), back.doubtful())
                    .flatMap(List::stream);
        }

        /**
         * The same where more is remembered.
         *
         * @param after what is remembered after each turn
         */
        private All with(UnaryOperator<Facts> after) {
            return new All(here.with(after), back.with(after));
        }
    }

    /**
     * Made once for all cells that differ in nothing that matters there, and for all that is remembered and neither
     * read nor changed there.
     */
    All at(Cell cell) {
        Cell alone = local.alone(cell);
        All all = made.computeIfAbsent(likenesses.of(alone), key -> {
            Done back = back(alone);
            return new All(make(alone, back), back);
        });
        return alone.facts().equals(cell.facts())
                ? all
                : all.with(own ->
                        own.equals(alone.facts()) ? cell.facts() : local.after(cell.screen(), cell.facts(), own));
    }

    private static Set<String> joined(Set<String> a, Set<String> b) {
        if (b.isEmpty()) {
            return a;
        }
        Set<String> all = new LinkedHashSet<>(a);
        all.addAll(b);
        return all;
    }

    /** What is the same for all cells at which the same can be done. */
    Object likeness(Cell cell) {
        return likenesses.of(local.alone(cell));
    }

    /** @param back what device back does there */
    private Done make(Cell cell, Done back) {
        Screen screen = prototype.screen(cell.screen()).orElseThrow();
        Done turns = new Done();
        if (!prototype.drawers().isEmpty()) {
            DrawerTurns.add(this, turns, cell, screen);
            if (cell.drawer().isPresent()) {
                WaitTurns.add(this, turns, cell, screen);
                return turns;
            }
        }
        for (Hotspot hotspot : Look.of(prototype, screen, cell.known())
                .hotspots(prototype, prototype.widths().of(device.width()))) {
            rows(hotspot)
                    .forEach(row -> touches(
                            hotspot.links(),
                            (touch, link) -> add(
                                    turns,
                                    cell,
                                    hotspot.row(row),
                                    List.of(),
                                    new Event.Touched(touch, new Event.On.OnHotspot(hotspot.id(), row)),
                                    link)));
            typing(turns, cell, hotspot);
        }
        touches(
                screen.links(),
                (touch, link) -> add(turns, cell, List.of(), new Event.Touched(touch, new Event.On.Point(0, 0)), link));
        FrameTurns.add(this, turns, cell, screen);
        if (!cell.level().base()) {
            Head head = head(cell);
            add(
                    turns,
                    cell,
                    List.of(new Event.Touched(Gesture.TAP, new Event.On.Outside())),
                    Optional.empty(),
                    rules.outside(head));
            add(
                    turns,
                    cell,
                    List.of(new Event.Touched(Gesture.TAP, new Event.On.Away())),
                    Optional.empty(),
                    rules.away(head));
        }
        WaitTurns.add(this, turns, cell, screen);
        PairTurns.add(this, turns, cell, back);
        return turns;
    }

    /** The rows that can make a difference: of those that hold the same of what its links read, the first. */
    static List<Integer> rows(Hotspot hotspot) {
        if (hotspot.rows().isEmpty()) {
            return List.of(0);
        }
        Set<String> read = hotspot.links().stream()
                .flatMap(Asked::reads)
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

    /** Each text that makes a difference, where anything asks for what is typed; and what is sent. */
    private void typing(Done turns, Cell cell, Hotspot hotspot) {
        if (hotspot.isField() && asked.typed(cell.screen()).contains(hotspot.id())) {
            for (String text : asked.texts()) {
                PlaceMemory then = cell.held().typing(hotspot.id(), text);
                if (!then.equals(cell.held())) {
                    turns.sure()
                            .add(new Turn(
                                    List.of(new Event.Typed(hotspot.id(), text)),
                                    Optional.empty(),
                                    List.of(new TrailAction.Hold(hotspot.id(), text)),
                                    cell.facts(),
                                    then,
                                    cell.waited(),
                                    cell.drawer()));
                }
            }
        }
        hotspot.linkFor(new Cause.Submit())
                .ifPresent(link -> add(turns, cell, List.of(), new Event.Submitted(hotspot.id()), link));
    }

    /** Each gesture that the device knows, with the first link for it. */
    void touches(List<Link> links, BiConsumer<Cause.Touch, Link> then) {
        for (int i = 0; i < links.size(); i++) {
            if (links.get(i).cause() instanceof Cause.Touch touch
                    && known.contains(touch.gesture())
                    && links.subList(0, i).stream().noneMatch(l -> l.cause().equals(touch))) {
                then.accept(touch, links.get(i));
            }
        }
    }

    static Optional<Link> own(Screen screen, Predicate<Cause> cause) {
        return screen.links().stream().filter(l -> cause.test(l.cause())).findFirst();
    }

    /** What device back does: the screen's own link for it, each of its outcomes, else the device itself. */
    private Done back(Cell cell) {
        Done turns = new Done();
        Optional<Link> link = device.goesBack() && cell.drawer().isEmpty()
                ? prototype.screen(cell.screen()).flatMap(s -> own(s, Cause.Back.class::isInstance))
                : Optional.empty();
        if (link.isEmpty() || rules.offer(head(cell), link.get()) instanceof Offer.Nothing) {
            RuleOutcome ruling = rules.deviceBack(head(cell));
            add(turns, cell, List.of(new Event.DeviceBack()), ruling.countsAs(prototype), ruling);
        } else {
            add(turns, cell, List.of(), new Event.DeviceBack(), link.get());
        }
        return turns;
    }

    Head head(Cell cell) {
        return new Head(
                device,
                cell.screen(),
                cell.at(),
                CellTab.around(cell.around()),
                cell.level(),
                cell.first(),
                new MarkedLookback(prototype, named, cell),
                cell.known(),
                cell.levels(),
                device.width(),
                cell.drawer(),
                Optional.empty());
    }

    /** What a link can turn out to, one after another; empty where none of its conditions holds. */
    List<RuleOutcome> add(Done turns, Cell cell, List<Event> before, Event last, Link link) {
        return add(turns, cell, Map.of(), before, last, link);
    }

    List<RuleOutcome> add(Done turns, Cell cell, Map<String, Value> row, List<Event> before, Event last, Link link) {
        return add(turns, cell, head(cell).atRow(row), before, last, link);
    }

    /** @param head of the cell, or of what stands beside it */
    List<RuleOutcome> add(Done turns, Cell cell, Head head, List<Event> before, Event last, Link link) {
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

    /** The outcome of a link that does nothing; empty where it need not be named. */
    Optional<String> idle(Cell cell, Link link) {
        Head head = head(cell);
        return rules.offer(head, link) instanceof Offer.Several several
                ? several.branches().stream()
                        .filter(b -> !(rules.branch(head, b) instanceof RuleOutcome.Acts))
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
    void idle(Done turns, String link, Optional<Branch> branch, Head head, List<Event> events, RuleOutcome ruling) {
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
        if (ruling instanceof RuleOutcome.Acts acts && acts.actions().stream().noneMatch(Turns::leadsToParked)) {
            // A tab that was shown before is as it was left, with facts that may be others now.
            if (asked.changes()
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
                            || to instanceof TrailAction.ShowTab)) {
                // What it goes back to is not known here, nor whether the drawer opens there: that is not followed.
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

    Local local() {
        return local;
    }

    Rules rules() {
        return rules;
    }

    Device device() {
        return device;
    }

    Prototype prototype() {
        return prototype;
    }

    /** Whether what is remembered can matter to a link. */
    boolean asks(Link link) {
        return (asked.changes() || asked.anyHeld())
                && link.branches().stream().anyMatch(b -> !b.when().isEmpty());
    }

    Turn turn(Cell cell, List<Event> events, Optional<String> link, List<TrailAction> actions) {
        Facts facts = cell.facts();
        Optional<String> drawer = cell.drawer();
        for (TrailAction action : actions) {
            drawer = action instanceof TrailAction.OpenDrawer open
                    ? Optional.of(open.drawer())
                    : action instanceof TrailAction.CloseDrawer ? Optional.empty() : drawer;
            facts = action instanceof TrailAction.Set set ? facts.with(set.fact(), set.value()) : facts;
        }
        facts = facts == cell.facts() ? facts : asked.of(facts);
        boolean moves = actions.getFirst().moves();
        return new Turn(
                events,
                link,
                moves ? actions.stream().filter(TrailAction::moves).toList() : actions,
                facts,
                cell.held(),
                moves ? 0 : cell.waited(),
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
