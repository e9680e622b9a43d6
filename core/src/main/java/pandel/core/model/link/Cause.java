package pandel.core.model.link;

import pandel.core.model.device.Gesture;

/** What sets a link off. */
public sealed interface Cause {

    /**
     * A gesture on the link's owner, a hotspot or a whole screen.
     *
     * @param key the key's name for {@link Gesture#KEY}, "Enter"; else empty
     */
    record Touch(Gesture gesture, String key) implements Cause {
        public Touch {
            if ((gesture == Gesture.KEY) == key.isBlank()) {
                throw new IllegalArgumentException("A key has a name, and nothing else has: " + gesture.word());
            }
        }

        /** Any gesture but a key. */
        public Touch(Gesture gesture) {
            this(gesture, "");
        }

        /** "tap", "key Enter". */
        public String word() {
            return gesture.word() + (key.isEmpty() ? "" : " " + key);
        }
    }

    /** What is typed in the owner, a field, is sent. */
    record Submit() implements Cause {}

    /**
     * Time since the screen became current.
     *
     * @param ms 1 or more
     */
    record Wait(int ms) implements Cause {
        public Wait {
            atLeastOne(ms);
        }
    }

    /**
     * Time in which the person does nothing on the screen, neither hit nor miss.
     *
     * @param ms 1 or more
     */
    record Untouched(int ms) implements Cause {
        public Untouched {
            atLeastOne(ms);
        }
    }

    /** Work that the screen waits for is done: at any moment while it is current. */
    record Work() implements Cause {}

    /** A page of a sequence is turned, by a swipe or by what is laid over it. */
    record Turn() implements Cause {}

    /** A tab of a strip is chosen, or its neighbour swiped away. */
    record Tab() implements Cause {}

    /** An item of a drawer is chosen. */
    record Item() implements Cause {}

    /** Next on the last page of a sequence. */
    record Finish() implements Cause {}

    /** Skipping a sequence by what is laid over it. */
    record Skip() implements Cause {}

    /** The sign at the left of a header is tapped. */
    record Sign() implements Cause {}

    /** The device's own back, while the screen is current. */
    record Back() implements Cause {}

    private static void atLeastOne(int ms) {
        if (ms < 1) {
            throw new IllegalArgumentException("A wait is 1 ms or more: " + ms);
        }
    }

    /** Whether it belongs to a frame, not to what a screen or hotspot holds. */
    default boolean isOfFrames() {
        return this instanceof Turn
                || this instanceof Tab
                || this instanceof Item
                || this instanceof Sign
                || this instanceof Finish
                || this instanceof Skip;
    }
}
