package pandel.core.check.turn;

import java.util.List;
import java.util.Optional;
import pandel.core.model.link.Event;
import pandel.core.model.value.Facts;
import pandel.core.model.value.PlaceMemory;
import pandel.core.play.rule.TrailAction;

/**
 * One way on from a cell.
 *
 * @param events what a person does, or waits for, until it is done; the last one does it
 * @param link id of the link that does it; empty for what the frames and the device do
 * @param actions moves alone; facts set only where nothing moves; never empty
 * @param facts what is remembered after it, as far as anything asks for it
 * @param held what the place has typed in it after it, where nothing moves
 * @param drawer id of the drawer that is open after it; where it moves, if it is attached there
 * @param out whether it leads to an outside address, besides a move too
 * @param waited what of the waits is spent by then, where nothing moves; see {@link WaitTurns}
 */
public record Turn(
        List<Event> events,
        Optional<String> link,
        List<TrailAction> actions,
        Facts facts,
        PlaceMemory held,
        int waited,
        Optional<String> drawer,
        boolean out) {

    /** One that leads to no outside address, unless its actions do. */
    public Turn(
            List<Event> events,
            Optional<String> link,
            List<TrailAction> actions,
            Facts facts,
            PlaceMemory held,
            int waited,
            Optional<String> drawer) {
        this(
                events,
                link,
                actions,
                facts,
                held,
                waited,
                drawer,
                actions.stream().anyMatch(TrailAction.LeaveTo.class::isInstance));
    }

    /** Whether it moves nothing: it changes facts, says something, or spends a wait. */
    public boolean stays() {
        return !actions.getFirst().moves();
    }

    /** Whether it leaves a place covered that may be uncovered again. */
    public boolean covers() {
        return actions.getLast() instanceof TrailAction.Put || actions.getLast() instanceof TrailAction.Raise;
    }

    /** Whether it is done by choosing the action of a notice. */
    public boolean choosesAction() {
        return events.stream()
                .anyMatch(e -> e.plain() instanceof Event.Touched t && t.on() instanceof Event.On.OnAction);
    }

    /** Whether it leads to an outside address. */
    public boolean leavesTo() {
        return out;
    }
}
