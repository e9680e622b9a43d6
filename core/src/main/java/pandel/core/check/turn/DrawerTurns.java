package pandel.core.check.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.TrailAction;

/**
 * What drawers do at a cell: the items of the open one and what closes it; the items of those that stay, and what the
 * edges open.
 */
public final class DrawerTurns {

    private final LinkTurns turns;
    private final Done done;
    private final Cell cell;
    private final Head head;
    private final Cell closed;

    private DrawerTurns(LinkTurns turns, Done done, Cell cell) {
        this.turns = turns;
        this.done = done;
        this.cell = cell;
        this.head = turns.head(cell);
        this.closed = cell.drawn(Optional.empty());
    }

    static void add(LinkTurns turns, Done done, Cell cell, Screen screen) {
        DrawerTurns drawers = new DrawerTurns(turns, done, cell);
        boolean taps = turns.knows(Gesture.TAP);
        if (taps) {
            turns.rules().drawers(drawers.head).forEach(d -> d.items().forEach(drawers::item));
        }
        if (cell.drawer().isPresent()) {
            if (!taps) {
                return;
            }
            turns.add(
                    done,
                    cell,
                    List.of(new Event.Touched(Gesture.TAP, new Event.On.Outside())),
                    Optional.empty(),
                    turns.rules().outside(drawers.head));
            turns.add(
                    done,
                    cell,
                    List.of(new Event.Touched(Gesture.TAP, new Event.On.Away())),
                    Optional.empty(),
                    turns.rules().away(drawers.head));
        } else {
            List.of(Gesture.EDGE_SWIPE_LEFT, Gesture.EDGE_SWIPE_RIGHT).forEach(edge -> drawers.edge(screen, edge));
            turns.mayBeOpen(cell)
                    .forEach(drawer -> done.doubtful().add(drawers.opening(Gesture.EDGE_SWIPE_LEFT, drawer)));
        }
    }

    private Turn opening(Gesture edge, String drawer) {
        return turns.turn(
                cell,
                List.of(new Event.Touched(edge, new Event.On.Point(0, 0))),
                Optional.empty(),
                List.of(new TrailAction.OpenDrawer(drawer)));
    }

    private void edge(Screen screen, Gesture edge) {
        if (turns.knows(edge)
                && LinkTurns.own(screen, new Cause.Touch(edge)::equals).isEmpty()) {
            turns.rules().pulled(head, edge).ifPresent(drawer -> done.sure().add(opening(edge, drawer.id())));
        }
    }

    /** The drawer closes; then its effects are done, or nothing is. */
    private void item(Drawer.Item item) {
        Link link = item.link();
        List<Event> events = List.of(new Event.Touched(Gesture.TAP, new Event.On.OnItem(item.id())));
        List<TrailAction> before = cell.drawer().isPresent() ? List.of(new TrailAction.CloseDrawer()) : List.of();
        if (!(turns.rules().offer(head.closed(), link) instanceof Offer.One one)) {
            closes(events, before);
            return;
        }
        switch (turns.rules().branch(head.closed(), one.branch())) {
            case RuleOutcome.Acts acts
            when acts.actions().getFirst().moves() -> {
                turns.add(done, closed, events, Optional.of(link.id()), acts);
                if (acts.actions().stream().anyMatch(LinkTurns::leadsToParked)) {
                    closes(events, before);
                }
            }
            case RuleOutcome.Acts acts ->
                turns.add(
                        done,
                        cell,
                        events,
                        Optional.of(link.id()),
                        new RuleOutcome.Acts(then(before, acts.actions()), acts.motion()));
            case RuleOutcome.Depends depends -> {
                turns.add(done, closed, events, Optional.of(link.id()), depends);
                if (!before.isEmpty()) {
                    done.doubtful().add(turns.turn(cell, events, Optional.of(link.id()), then(before, depends.sets())));
                }
            }
            case RuleOutcome.NothingToDo nothing -> {
                turns.add(done, closed, events, Optional.of(link.id()), nothing);
                turns.idle(done, link.id(), Optional.of(one.branch()), head.closed(), events, nothing);
                closes(events, before);
            }
            case RuleOutcome.Refused refused -> {
                turns.idle(done, link.id(), Optional.of(one.branch()), head.closed(), events, refused);
                closes(events, before);
            }
        }
    }

    private void closes(List<Event> events, List<TrailAction> before) {
        if (!before.isEmpty()) {
            done.sure().add(turns.turn(cell, events, Optional.empty(), before));
        }
    }

    private static List<TrailAction> then(List<TrailAction> before, List<TrailAction> after) {
        List<TrailAction> all = new ArrayList<>(before);
        all.addAll(after);
        return all;
    }
}
