package pandel.core.check.turn;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.check.relevance.Relevance;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.PlaceMemory;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;

/**
 * Everything that can be done at a cell and does something there. Links to parked screens count as doing nothing. Where
 * it is not known whether a screen lies behind, what hangs on that is told apart as doubtful.
 */
public final class Turns {

    private final Prototype prototype;
    private final Device device;
    private final Relevance relevance;
    private final LinkTurns links;
    private final LocalFacts local;

    /** @param relevance what matters of the facts; of the rest nothing is kept */
    public Turns(Prototype prototype, Device device, FollowedScreens named, Relevance relevance) {
        this.relevance = relevance;
        this.local = new LocalFacts(prototype, relevance);
        this.prototype = prototype;
        this.device = device;
        this.links = new LinkTurns(prototype, device, named, relevance);
    }

    /**
     * Everything at a cell.
     *
     * @param here all but the device's own back, in file order: hotspots, the screen's gestures, what the overlay does,
     *     waits
     * @param back what device back does
     * @param asked what that hangs on of what lies behind the cell and beneath it
     */
    public record All(Done here, Done back, Asked asked) {

        /** Ids of the links of which it is not known whether they return to anything, device back among them. */
        public Set<String> doubted() {
            return joined(here.back(), back.back());
        }

        /** Ids of the links that surely find nothing to do, device back among them. */
        public Set<String> nothing() {
            return joined(here.nothing(), back.nothing());
        }

        /** What surely comes to nothing, device back among it. */
        public List<Idle> idle() {
            return back.idle().isEmpty()
                    ? here.idle()
                    : Stream.concat(here.idle().stream(), back.idle().stream()).toList();
        }

        /** What surely does something, and what may. */
        public Stream<Turn> turns() {
            return Stream.of(here.sure(), here.doubtful(), back.sure(), back.doubtful())
                    .flatMap(List::stream);
        }
    }

    /** Made anew each time; {@link PushdownSystem} keeps it for all cells at which the same can be done. */
    public All at(Cell cell) {
        Asked asked = links.noting();
        Done back = back(cell);
        return new All(make(cell, back), back, asked);
    }

    /**
     * Whether the same can be done at another cell, which differs from that only in what lies behind it and beneath.
     */
    public boolean areThoseAt(Cell other, All all) {
        return all.asked().isAnsweredAlike(links.query(other));
    }

    private static Set<String> joined(Set<String> a, Set<String> b) {
        if (b.isEmpty()) {
            return a;
        }
        Set<String> all = new LinkedHashSet<>(a);
        all.addAll(b);
        return all;
    }

    /** @param back what device back does there */
    private Done make(Cell cell, Done back) {
        Screen screen = prototype.screen(cell.screen()).orElseThrow();
        Done turns = new Done();
        notice(turns, cell);
        if (!prototype.drawers().isEmpty()) {
            DrawerTurns.add(links, turns, cell, screen);
            if (cell.drawer().isPresent()) {
                WaitTurns.add(links, turns, cell, screen);
                return turns;
            }
        }
        Look look = Look.of(prototype, screen, cell.known());
        List<Standing> standing = Standing.all(prototype, device, cell, look);
        Done perhaps = new Done();
        Standing.hotspots(standing).forEach(hotspot -> hotspot(turns, perhaps, cell, hotspot, standing));
        perhaps(turns, perhaps);
        links.touches(
                screen.links(),
                touch -> true,
                (touch, link) ->
                        links.add(turns, cell, List.of(), new Event.Touched(touch, new Event.On.Point(0, 0)), link));
        FrameTurns.add(links, turns, cell, screen);
        if (!cell.level().base() && links.knows(Gesture.TAP)) {
            Head head = links.head(cell);
            links.add(
                    turns,
                    cell,
                    List.of(new Event.Touched(Gesture.TAP, new Event.On.Outside())),
                    Optional.empty(),
                    links.rules().outside(head));
            links.add(
                    turns,
                    cell,
                    List.of(new Event.Touched(Gesture.TAP, new Event.On.Away())),
                    Optional.empty(),
                    links.rules().away(head));
        }
        WaitTurns.add(links, turns, cell, screen);
        PairTurns.add(links, turns, cell, back);
        return turns;
    }

    /** @param perhaps takes what hangs on whether a list stands beside it */
    private void hotspot(Done turns, Done perhaps, Cell cell, Hotspot hotspot, List<Standing> standing) {
        Predicate<Cause.Touch> some = touch -> standing.stream().anyMatch(s -> s.answers(hotspot, touch));
        links.rows(hotspot)
                .forEach(row -> links.touches(
                        hotspot.links(),
                        some,
                        (touch, link) -> links.add(
                                Standing.surelyAnswer(standing, hotspot, touch) ? turns : perhaps,
                                cell,
                                hotspot.touchedRow(row),
                                List.of(),
                                new Event.Touched(touch, new Event.On.OnHotspot(hotspot.id(), row)),
                                link)));
        typing(standing.stream().allMatch(s -> s.shows(hotspot)) ? turns : perhaps, cell, hotspot);
    }

    private static void perhaps(Done turns, Done perhaps) {
        Stream.concat(perhaps.sure().stream(), perhaps.doubtful().stream()).forEach(turn -> {
            turn.link().ifPresent(turns.back()::add);
            turns.doubtful().add(turn);
        });
        turns.back().addAll(perhaps.back());
    }

    /** The action of the notice that stands, and that it is touched away. */
    private void notice(Done turns, Cell cell) {
        if (!links.knows(Gesture.TAP)) {
            return;
        }
        relevance.notice().action(cell.facts()).ifPresent(id -> {
            turns.sure()
                    .add(links.turn(
                            cell,
                            List.of(new Event.Touched(Gesture.TAP, new Event.On.OnNotice())),
                            Optional.empty(),
                            List.of(new TrailAction.Spend())));
            prototype
                    .index()
                    .way(id)
                    .ifPresent(way -> links.add(
                            turns,
                            cell,
                            List.of(),
                            new Event.Touched(Gesture.TAP, new Event.On.OnAction(id)),
                            way.link()));
        });
    }

    /** Each text that makes a difference, where anything asks for what is typed; and what is sent. */
    private void typing(Done turns, Cell cell, Hotspot hotspot) {
        if (hotspot.isField() && relevance.typed(cell.screen()).contains(hotspot.id())) {
            for (String text : relevance.texts()) {
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
                .ifPresent(link -> links.add(turns, cell, List.of(), new Event.Submitted(hotspot.id()), link));
    }

    /** What device back does: the screen's own link for it, each of its outcomes, else the device itself. */
    private Done back(Cell cell) {
        Done turns = new Done();
        Optional<Link> link = device.goesBack() && cell.drawer().isEmpty()
                ? prototype.screen(cell.screen()).flatMap(s -> LinkTurns.own(s, Cause.Back.class::isInstance))
                : Optional.empty();
        if (link.isEmpty() || links.rules().offer(links.head(cell), link.get()) instanceof Offer.Nothing) {
            RuleOutcome ruling = links.rules().deviceBack(links.head(cell));
            links.add(turns, cell, List.of(new Event.DeviceBack()), ruling.countsAs(prototype), ruling);
        } else {
            links.add(turns, cell, List.of(), new Event.DeviceBack(), link.get());
        }
        return turns;
    }

    /** What can be read where a cell is current. */
    public Head head(Cell cell) {
        return links.head(cell);
    }

    /** The outcome of a link that does nothing; empty where it need not be named. */
    public Optional<String> idle(Cell cell, Link link) {
        return links.idle(cell, link);
    }

    public LocalFacts local() {
        return local;
    }

    public Rules rules() {
        return links.rules();
    }

    public Prototype prototype() {
        return prototype;
    }

    /** Whether an action leads to a parked screen: then nothing is done. */
    public static boolean leadsToParked(TrailAction action) {
        return LinkTurns.leadsToParked(action);
    }
}
