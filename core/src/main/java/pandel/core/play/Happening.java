package pandel.core.play;

import java.util.Optional;
import pandel.core.model.Motion;

/** What an event came to. */
public sealed interface Happening {

    /**
     * A move was done.
     *
     * @param link     the link that did it; empty for what frames and the device do
     * @param motion   how it looks
     * @param backward whether the motion is played in reverse
     */
    record Moved(Optional<String> link, Motion motion, boolean backward) implements Happening {
    }

    /** Nothing moved, but facts were changed. */
    record Remembered(Optional<String> link) implements Happening {
    }

    /** The prototype was left by device back. */
    record Left() implements Happening {
    }

    /** Time passed and nothing was due. */
    record Passed(int ms) implements Happening {
    }

    /** The screen was scrolled or the device changed its size. */
    record Adjusted() implements Happening {
    }

    /** Nothing was done, because the thing is in the wrong place or already so, or nothing answers. */
    record Nothing(Optional<String> link, String why) implements Happening {
    }

    /** Nothing was done, because the file or the device can never do it. */
    record Refused(Optional<String> link, String why) implements Happening {
    }
}
