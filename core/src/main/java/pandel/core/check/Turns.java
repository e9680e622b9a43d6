package pandel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Cause;
import pandel.core.model.Device;
import pandel.core.model.Effect;
import pandel.core.model.Event;
import pandel.core.model.Facts;
import pandel.core.model.Gesture;
import pandel.core.model.Hotspot;
import pandel.core.model.Link;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Status;
import pandel.core.model.Width;
import pandel.core.play.Head;
import pandel.core.play.LevelKind;
import pandel.core.play.Lookback;
import pandel.core.play.Rules;
import pandel.core.play.Ruling;
import pandel.core.play.TrailAction;

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
    private final Map<Alike, Done> made = new HashMap<>();
    private final Map<String, Boolean> returning = new HashMap<>();

    /** What of a cell its turns depend on; whatever lies further behind or beneath only where a link returns to it. */
    private record Alike(String screen, LevelKind level, boolean first, int marks, Cell.Ground ground, int levels, Facts facts, int waited) {
    }

    /** @param asked what matters of the facts; of the rest nothing is kept */
    Turns(Prototype prototype, Device device, Named named, Asked asked) {
        this.asked = asked;
        this.prototype = prototype;
        this.rules = new Rules(prototype);
        this.device = device;
        this.named = named;
    }

    /**
     * What can be done at a cell.
     *
     * @param sure     what surely does something
     * @param doubtful waits that come only when an earlier one finds nothing to return to
     * @param nothing  ids of the links that surely find nothing to do
     * @param back     ids of the links that may return to a screen, or may find nothing to return to
     */
    record Done(List<Turn> sure, List<Turn> doubtful, Set<String> back, Set<String> nothing) {

        private Done() {
            this(new ArrayList<>(), new ArrayList<>(), new LinkedHashSet<>(), new LinkedHashSet<>());
        }
    }

    /** All but the device's own back, in file order: hotspots, the screen's gestures, what the overlay does, waits. */
    Done at(Cell cell) {
        boolean looksBack = returning.computeIfAbsent(cell.screen(), id -> prototype.index().waysOut(id).stream()
                .anyMatch(way -> way.link().effect().orElse(null) instanceof Effect.ReturnTo));
        Alike alike = new Alike(cell.screen(), cell.level(), cell.first(), looksBack ? cell.marks() : 0, looksBack ? cell.ground() : Cell.Ground.ITSELF, cell.levels(), cell.facts(), cell.waited());
        return made.computeIfAbsent(alike, key -> make(cell));
    }

    private Done make(Cell cell) {
        Head head = head(cell);
        Screen screen = prototype.screen(cell.screen()).orElseThrow();
        Done turns = new Done();
        Optional<Link> own = screen.links().stream().filter(Turns::isTap).findFirst();
        for (Hotspot hotspot : Look.of(prototype, screen, cell.facts()).hotspots(prototype, Width.of(device.width()))) {
            hotspot.linkFor(Gesture.TAP)
                    .ifPresent(link -> add(turns, cell, List.of(Event.tap(hotspot.id())), Optional.of(link.id()), rules.link(head, link)));
        }
        own.ifPresent(link -> add(turns, cell, List.of(new Event.Touched(Gesture.TAP, new Event.On.Point(0, 0))),
                Optional.of(link.id()), rules.link(head, link)));
        if (!cell.level().base()) {
            add(turns, cell, List.of(new Event.Touched(Gesture.TAP, new Event.On.Outside())), Optional.empty(), rules.outside(head));
            add(turns, cell, List.of(new Event.Touched(Gesture.TAP, new Event.On.Away())), Optional.empty(), rules.away(head));
        }
        addWait(turns, cell, head, screen);
        return turns;
    }

    /** What the device's own back does. */
    Optional<Turn> back(Cell cell) {
        Done turns = new Done();
        add(turns, cell, List.of(new Event.DeviceBack()), Optional.empty(), rules.deviceBack(head(cell)));
        return turns.sure().stream().findFirst();
    }

    private Head head(Cell cell) {
        return new Head(device, cell.screen(), cell.level(), cell.first(), new Marked(cell), cell.facts(), cell.levels());
    }

    private final class Marked implements Lookback {
        private final Cell cell;

        private Marked(Cell cell) {
            this.cell = cell;
        }

        @Override
        public Found behind(String screen) {
            return cell.first() ? Found.ABSENT : found(cell.marks(), screen);
        }

        @Override
        public Found onGround(String screen) {
            return found(cell.ground().current(), screen);
        }

        @Override
        public Found behindGround(String screen) {
            return cell.ground().first() ? Found.ABSENT : found(cell.ground().marks(), screen);
        }

        private Found found(int marks, String screen) {
            return named.isUnfollowed(screen) ? Found.UNKNOWN : (marks & named.mark(screen)) == 0 ? Found.ABSENT : Found.THERE;
        }
    }

    private static boolean isTap(Link link) {
        return link.cause() instanceof Cause.Touch touch && touch.gesture() == Gesture.TAP;
    }

    /**
     * Waits fall due by length, then file order; the first that moves starts its screen's waits anew, so no later one
     * fires. One that only remembers leaves the others running.
     */
    private void addWait(Done turns, Cell cell, Head head, Screen screen) {
        List<Link> waits = screen.links().stream().filter(l -> l.cause() instanceof Cause.Wait)
                .sorted(Comparator.comparingInt(l -> ((Cause.Wait) l.cause()).ms())).toList();
        List<Event> until = new ArrayList<>();
        int passed = cell.waited() == 0 ? 0 : ((Cause.Wait) waits.get(cell.waited() - 1).cause()).ms();
        boolean doubted = false;
        for (int i = cell.waited(); i < waits.size(); i++) {
            Link link = waits.get(i);
            int ms = ((Cause.Wait) link.cause()).ms();
            until.add(new Event.Elapse(ms - passed));
            passed = ms;
            Ruling ruling = rules.link(head, link);
            Cell then = cell.staying(cell.facts(), i + 1);
            if (doubted) {
                Done later = new Done();
                add(later, then, List.copyOf(until), Optional.of(link.id()), ruling);
                turns.doubtful().addAll(later.sure());
                turns.doubtful().addAll(later.doubtful());
                turns.back().addAll(later.back());
            } else {
                add(turns, then, List.copyOf(until), Optional.of(link.id()), ruling);
            }
            doubted |= ruling instanceof Ruling.Depends;
            if (ruling instanceof Ruling.Acts) {
                return;
            }
        }
    }

    /** @param cell where it would stay, if nothing moves */
    private void add(Done turns, Cell cell, List<Event> events, Optional<String> link, Ruling ruling) {
        if (ruling instanceof Ruling.Depends depends) {
            turns.back().add(link.orElseThrow());
            if (!depends.sets().isEmpty()) {
                turns.doubtful().add(turn(cell, events, link, depends.sets()));
            }
        }
        if (ruling instanceof Ruling.NothingToDo && link.isPresent()) {
            turns.nothing().add(link.get());
        }
        if (ruling instanceof Ruling.Acts acts && acts.actions().stream().noneMatch(Turns::leadsToParked)) {
            turns.sure().add(turn(cell, events, link, acts.actions()));
        }
    }

    private Turn turn(Cell cell, List<Event> events, Optional<String> link, List<TrailAction> actions) {
        Facts facts = cell.facts();
        boolean sets = false;
        for (TrailAction action : actions) {
            if (action instanceof TrailAction.Set set) {
                sets = true;
                facts = facts.with(set.fact(), set.value());
            }
        }
        facts = sets ? asked.of(facts) : facts;
        boolean moves = !(actions.getFirst() instanceof TrailAction.Set);
        return new Turn(events, link, sets && moves ? actions.stream().filter(a -> !(a instanceof TrailAction.Set)).toList() : actions,
                facts, moves ? 0 : cell.waited());
    }

    private static boolean leadsToParked(TrailAction action) {
        return switch (action) {
            case TrailAction.Put put -> isParked(put.screen());
            case TrailAction.Swap swap -> isParked(swap.screen());
            case TrailAction.Raise raise -> isParked(raise.screen());
            case TrailAction.Restart restart -> isParked(restart.screen());
            case TrailAction.Drop d -> false;
            case TrailAction.DropTo d -> false;
            case TrailAction.CloseLevel c -> false;
            case TrailAction.CloseToPages c -> false;
            case TrailAction.Set s -> false;
            case TrailAction.Leave l -> false;
        };
    }

    private static boolean isParked(Screen screen) {
        return screen.status() == Status.PARKED;
    }
}
