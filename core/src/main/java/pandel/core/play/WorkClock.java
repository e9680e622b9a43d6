package pandel.core.play;

import java.util.List;
import java.util.Optional;
import pandel.core.play.situation.Situation;

/** When work that is waited for is done in play: a usual time after its screen became current, one after the other. */
public final class WorkClock {

    /** ms that work takes in play. */
    public static final int USUAL = 1500;

    private List<String> waiting = List.of();
    private int passed;

    /** The link whose work is done after some ms more. */
    public Optional<String> passed(Situation now, int ms) {
        if (!now.untilDone().equals(waiting)) {
            waiting = now.untilDone();
            passed = 0;
        }
        passed += ms;
        if (waiting.isEmpty() || passed < USUAL) {
            return Optional.empty();
        }
        passed = 0;
        return Optional.of(waiting.getFirst());
    }
}
