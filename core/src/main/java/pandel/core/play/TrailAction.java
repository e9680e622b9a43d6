package pandel.core.play;

import pandel.core.model.Fact;
import pandel.core.model.Screen;
import pandel.core.model.Value;

/** One change of the levels and their trails. */
public sealed interface TrailAction {

    /** Whether levels or trails change. */
    default boolean moves() {
        return !(this instanceof Staying);
    }

    /** One that leaves levels and trails as they are. */
    sealed interface Staying extends TrailAction {
    }

    /** A place more on the top level's trail. */
    record Put(Screen screen) implements TrailAction {
    }

    /** The current place of the top level goes; there is another behind it. */
    record Drop() implements TrailAction {
    }

    /** Back to the nearest place of a screen behind the current one of the top level; there is one. */
    record DropTo(String screen) implements TrailAction {
    }

    /** Another place instead of the current one. */
    record Swap(Screen screen) implements TrailAction {
    }

    /** A new level. */
    record Raise(Screen screen) implements TrailAction {
    }

    /** The top level goes; it is not the base. */
    record CloseLevel() implements TrailAction {
    }

    /** Every level above the nearest one that holds pages goes. */
    record CloseToPages() implements TrailAction {
    }

    /** Everything goes, and a screen is the only place there is. */
    record Restart(Screen screen) implements TrailAction {
    }

    /** A fact holds a value from now on; one within its bounds. */
    record Set(Fact fact, Value value) implements Staying {
    }

    /** A message is shown for some ms. */
    record Tell(String words, int ms) implements Staying {
    }

    /** An outside address is led to; play stays. */
    record LeaveTo(String address) implements Staying {
    }

    /** A wait is spent, and nothing else changes. */
    record Spend() implements Staying {
    }

    /** The prototype is left. */
    record Leave() implements TrailAction {
    }
}
