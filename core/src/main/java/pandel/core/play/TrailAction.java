package pandel.core.play;

import java.util.Map;
import java.util.Optional;
import pandel.core.model.AtPage;
import pandel.core.model.Fact;
import pandel.core.model.Held;
import pandel.core.model.Screen;
import pandel.core.model.Value;

/** One change of the levels and their trails. */
public sealed interface TrailAction {

    /** Whether levels or trails change. */
    default boolean moves() {
        return !(this instanceof Staying);
    }

    /** One that leads to a place of a screen, which is given values, or of a sequence that shows that screen as a page. */
    sealed interface Forward extends TrailAction {
        Screen screen();

        Map<String, Value> given();

        /** Where in a sequence it stands; empty for a place of the screen alone. */
        Optional<AtPage> at();

        /** What the new place holds. */
        default Held held() {
            return Held.given(given());
        }
    }

    /** One that leaves levels and trails as they are. */
    sealed interface Staying extends TrailAction {
    }

    /** A place more on the top level's trail. */
    record Put(Screen screen, Map<String, Value> given, Optional<AtPage> at) implements Forward {
        /** A place of a screen alone. */
        public Put(Screen screen, Map<String, Value> given) {
            this(screen, given, Optional.empty());
        }
    }

    /** The current place of the top level goes; there is another behind it. */
    record Drop() implements TrailAction {
    }

    /** Back to the nearest place of a screen or sequence behind the current one of the top level; there is one. @param screen its id */
    record DropTo(String screen) implements TrailAction {
    }

    /** Another place instead of the current one. */
    record Swap(Screen screen, Map<String, Value> given, Optional<AtPage> at) implements Forward {
        /** A place of a screen alone. */
        public Swap(Screen screen, Map<String, Value> given) {
            this(screen, given, Optional.empty());
        }
    }

    /** Another page of the sequence that is the current place; what was typed in it stays. */
    record Turn(Screen screen, Map<String, Value> given, Optional<AtPage> at) implements Forward {
    }

    /** A new level. */
    record Raise(Screen screen, Map<String, Value> given, Optional<AtPage> at) implements Forward {
        /** A place of a screen alone. */
        public Raise(Screen screen, Map<String, Value> given) {
            this(screen, given, Optional.empty());
        }
    }

    /** The top level goes; it is not the base. */
    record CloseLevel() implements TrailAction {
    }

    /** The top level goes, and every one above the nearest beneath it that holds pages; there is one. */
    record CloseToPages() implements TrailAction {
    }

    /** Everything goes, and a screen is the only place there is. */
    record Restart(Screen screen, Map<String, Value> given, Optional<AtPage> at) implements Forward {
        /** A place of a screen alone. */
        public Restart(Screen screen, Map<String, Value> given) {
            this(screen, given, Optional.empty());
        }
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

    /** Something is typed in a field of the current place. */
    record Hold(String field, String text) implements Staying {
    }

    /** A wait is spent, and nothing else changes. */
    record Spend() implements Staying {
    }

    /** The prototype is left. */
    record Leave() implements TrailAction {
    }
}
