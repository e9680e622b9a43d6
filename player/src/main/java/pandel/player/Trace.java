package pandel.player;

import java.util.ArrayList;
import java.util.List;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Situation;
import pandel.player.wire.Cells;
import pandel.player.wire.Wire;

/** A play in numbers, one for each moment: two plays that come to the same have the same, wherever they are played. */
public final class Trace {

    private Trace() {}

    /**
     * Plays a row of events.
     *
     * @param from where it begins
     * @return for the beginning, then for what each event came to and the situation after it
     */
    public static List<Integer> of(Prototype prototype, Situation from, List<Event> events) {
        List<Integer> trace = new ArrayList<>();
        Cells begun = new Cells();
        Wire.write(from, begun);
        trace.add(begun.digest());
        Step step = new Step(prototype);
        Situation now = from;
        for (Event event : events) {
            Stepped stepped = step.step(now, event);
            now = stepped.situation();
            Cells cells = new Cells();
            Wire.write(stepped.happening(), cells);
            Wire.write(now, cells);
            trace.add(cells.digest());
        }
        return trace;
    }
}
