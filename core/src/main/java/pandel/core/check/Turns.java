package pandel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Cause;
import pandel.core.model.Device;
import pandel.core.model.Event;
import pandel.core.model.Gesture;
import pandel.core.model.Hotspot;
import pandel.core.model.Link;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Status;
import pandel.core.play.Head;
import pandel.core.play.Rules;
import pandel.core.play.Ruling;
import pandel.core.play.TrailAction;

/** Everything that can be done at a cell and does something there. Links to parked screens count as doing nothing. */
final class Turns {

    private final Prototype prototype;
    private final Rules rules;
    private final Device device;

    Turns(Prototype prototype, Device device) {
        this.prototype = prototype;
        this.rules = new Rules(prototype);
        this.device = device;
    }

    /** All but the device's own back, in file order: hotspots, the screen's gestures, what the overlay does, waits. */
    List<Turn> at(Cell cell) {
        Head head = head(cell);
        Screen screen = prototype.screen(cell.screen()).orElseThrow();
        List<Turn> turns = new ArrayList<>();
        Optional<Link> own = screen.links().stream().filter(Turns::isTap).findFirst();
        for (Hotspot hotspot : prototype.index().hotspotsOn(cell.screen())) {
            hotspot.linkFor(Gesture.TAP)
                    .ifPresent(link -> add(turns, List.of(Event.tap(hotspot.id())), Optional.of(link.id()), rules.link(head, link)));
        }
        own.ifPresent(link -> add(turns, List.of(new Event.Touched(Gesture.TAP, new Event.On.Point(0, 0))),
                Optional.of(link.id()), rules.link(head, link)));
        if (!cell.level().base()) {
            add(turns, List.of(new Event.Touched(Gesture.TAP, new Event.On.Outside())), Optional.empty(), rules.outside(head));
            add(turns, List.of(new Event.Touched(Gesture.TAP, new Event.On.Away())), Optional.empty(), rules.away(head));
        }
        addWait(turns, head, screen);
        return turns;
    }

    /** What the device's own back does. */
    Optional<Turn> back(Cell cell) {
        List<Turn> turns = new ArrayList<>();
        add(turns, List.of(new Event.DeviceBack()), Optional.empty(), rules.deviceBack(head(cell)));
        return turns.stream().findFirst();
    }

    private Head head(Cell cell) {
        return new Head(device, cell.screen(), cell.level(), cell.first());
    }

    private static boolean isTap(Link link) {
        return link.cause() instanceof Cause.Touch touch && touch.gesture() == Gesture.TAP;
    }

    /** Waits fall due by length, then file order; the first that moves starts its screen's waits anew, so no later one fires. */
    private void addWait(List<Turn> turns, Head head, Screen screen) {
        List<Link> waits = screen.links().stream().filter(l -> l.cause() instanceof Cause.Wait)
                .sorted(Comparator.comparingInt(l -> ((Cause.Wait) l.cause()).ms())).toList();
        List<Event> until = new ArrayList<>();
        int passed = 0;
        for (Link link : waits) {
            int ms = ((Cause.Wait) link.cause()).ms();
            until.add(new Event.Elapse(ms - passed));
            passed = ms;
            Ruling ruling = rules.link(head, link);
            add(turns, List.copyOf(until), Optional.of(link.id()), ruling);
            if (ruling instanceof Ruling.Acts) {
                return;
            }
        }
    }

    private static void add(List<Turn> turns, List<Event> events, Optional<String> link, Ruling ruling) {
        if (ruling instanceof Ruling.Acts acts && acts.actions().stream().noneMatch(Turns::leadsToParked)) {
            turns.add(new Turn(events, link, acts.actions()));
        }
    }

    private static boolean leadsToParked(TrailAction action) {
        return switch (action) {
            case TrailAction.Put put -> isParked(put.screen());
            case TrailAction.Swap swap -> isParked(swap.screen());
            case TrailAction.Raise raise -> isParked(raise.screen());
            case TrailAction.Drop d -> false;
            case TrailAction.CloseLevel c -> false;
            case TrailAction.CloseToPages c -> false;
            case TrailAction.Leave l -> false;
        };
    }

    private static boolean isParked(Screen screen) {
        return screen.status() == Status.PARKED;
    }
}
