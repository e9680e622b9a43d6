package pandel.core.model;

/** What sets a link off. */
public sealed interface Cause {

    /** A gesture on the link's owner, a hotspot or a whole screen. */
    record Touch(Gesture gesture) implements Cause {
    }

    /**
     * Time since the screen became current.
     *
     * @param ms 1 or more
     */
    record Wait(int ms) implements Cause {
        public Wait {
            if (ms < 1) {
                throw new IllegalArgumentException("A wait is 1 ms or more: " + ms);
            }
        }
    }
}
