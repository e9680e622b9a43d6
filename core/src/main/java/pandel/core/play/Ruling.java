package pandel.core.play;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Motion;

/** What the rules say to an event at a head. */
public sealed interface Ruling {

    /**
     * It is done.
     *
     * @param motion of a move forward; empty for a move back, which plays the reverse of what brought the place
     */
    record Acts(List<TrailAction> actions, Optional<Motion> motion) implements Ruling {
        public Acts {
            actions = List.copyOf(actions);
        }
    }

    /** There is nothing to do: the wrong place, or already so. */
    record NothingToDo(String why) implements Ruling {
    }

    /**
     * It is done, or there is nothing to do, as the trail has it: said only where what lies behind or beneath is not known, never
     * of a situation.
     *
     * @param sets the facts that are set whether it goes back or not
     */
    record Depends(List<TrailAction> sets) implements Ruling {
        public Depends {
            sets = List.copyOf(sets);
        }

        Depends() {
            this(List.of());
        }
    }

    /** The file or the device can never do it as it stands. */
    record Refused(String why) implements Ruling {
    }

    /** One action of a move back. */
    static Ruling back(TrailAction action) {
        return new Acts(List.of(action), Optional.empty());
    }
}
