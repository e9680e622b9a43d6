package pandel.core.check;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Event;
import pandel.core.model.Facts;
import pandel.core.play.TrailAction;

/**
 * One way on from a cell.
 *
 * @param events what a person does, or waits for, until it is done; the last one does it
 * @param link   id of the link that does it; empty for what the frames and the device do
 * @param actions moves alone; facts set only where nothing moves; never empty
 * @param facts   what is remembered after it, as far as anything asks for it
 * @param waited  how many waits were due by then, where nothing moves
 */
record Turn(List<Event> events, Optional<String> link, List<TrailAction> actions, Facts facts, int waited) {

    /** Whether it changes facts and moves nothing. * @param actions moves alone; facts set only where nothing moves; never empty
 * @param facts   what is remembered after it, as far as anything asks for it
 * @param waited  how many waits were due by then, where nothing moves
 */
    boolean onlyRemembers() {
        return actions.getFirst() instanceof TrailAction.Set;
    }
}
