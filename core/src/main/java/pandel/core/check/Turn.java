package pandel.core.check;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Event;
import pandel.core.play.TrailAction;

/**
 * One way on from a cell.
 *
 * @param events what a person does, or waits for, until it is done; the last one does it
 * @param link   id of the link that does it; empty for what the frames and the device do
 */
record Turn(List<Event> events, Optional<String> link, List<TrailAction> actions) {
}
