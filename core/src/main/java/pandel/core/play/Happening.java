package pandel.core.play;

import java.util.Optional;
import pandel.core.model.link.Motion;

/** What an event came to. */
public sealed interface Happening {

    /** Id of the link that was set off. */
    default Optional<String> link() {
        return Optional.empty();
    }

    /** Whether something else may be possible than before: something was done, or is at work. */
    default boolean goesOn() {
        return isDone() || this instanceof Working;
    }

    /** Whether what was to be done was done: moved, remembered, said or led out. */
    default boolean isDone() {
        return this instanceof Moved
                || this instanceof Remembered
                || this instanceof DrawerMoved
                || this instanceof LedOut
                || this instanceof Left;
    }

    /**
     * A move was done.
     *
     * @param link the link that did it; empty for what frames and the device do
     * @param motion how it looks
     * @param backward whether the motion is played in reverse
     * @param address outside address that was led to as well
     */
    record Moved(Optional<String> link, Motion motion, boolean backward, Optional<String> address)
            implements Happening {}

    /** Nothing moved, but facts were changed, or something was said. */
    record Remembered(Optional<String> link) implements Happening {}

    /**
     * A drawer opened or closed, and nothing else moved.
     *
     * @param drawer id of the one that is open now; empty: none is
     */
    record DrawerMoved(Optional<String> link, Optional<String> drawer) implements Happening {}

    /** A link led out to an address; play stays. */
    record LedOut(Optional<String> link, String address) implements Happening {}

    /** Nothing was done yet: the event is to be sent again with one of these outcomes. */
    record Asks(Optional<String> link, java.util.List<String> outcomes) implements Happening {}

    /**
     * A link was set off that takes time: it is at work from now on, or is given up before it was done.
     *
     * @param givenUp whether it is given up
     */
    record Working(Optional<String> link, boolean givenUp) implements Happening {}

    /** The prototype was left by device back. */
    record Left() implements Happening {}

    /** Time passed and nothing was due. */
    record Passed(int ms) implements Happening {}

    /** The screen was scrolled or the device changed its size. */
    record Adjusted() implements Happening {}

    /** Nothing was done, because the thing is in the wrong place or already so, or nothing answers. */
    record Nothing(Optional<String> link, String why) implements Happening {}

    /** Nothing was done, because the file or the device can never do it. */
    record Refused(Optional<String> link, String why) implements Happening {}
}
