package pandel.core.play.rule;

import java.util.Map;
import java.util.Optional;
import pandel.core.model.frame.AtPage;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Fact;
import pandel.core.model.value.PlaceMemory;
import pandel.core.model.value.Value;

/** One change of the levels and their trails. */
public sealed interface TrailAction {

    /** Whether levels or trails change. */
    default boolean moves() {
        return !(this instanceof Staying);
    }

    /** One that leads to another place. */
    sealed interface Forward extends TrailAction {
        Landing to();

        default Screen screen() {
            return to().screen();
        }

        default Map<String, Value> given() {
            return to().given();
        }

        /** Where in a sequence it stands; empty for a place of the screen alone. */
        default Optional<AtPage> at() {
            return to().at();
        }

        /** What the new place holds. */
        default PlaceMemory held() {
            return to().held();
        }
    }

    /** One that leaves levels and trails as they are. */
    sealed interface Staying extends TrailAction {}

    /** A place more on the top level's trail. */
    record Put(Landing to) implements Forward {}

    /**
     * The current place of the top level goes; there is another behind it. Where it is the root of a tab, the tab set
     * goes.
     */
    record Drop() implements TrailAction {}

    /**
     * Back to the nearest place of a screen, sequence or tab set behind the current one of the top level; there is one.
     *
     * @param screen its id
     */
    record DropTo(String screen) implements TrailAction {}

    /** Another place instead of the current one. */
    record Swap(Landing to) implements Forward {}

    /** Another page of the sequence that is the current place; what was typed in it stays. */
    record Turn(Landing to) implements Forward {}

    /** The current place shows the neighbouring row of the list it was come to from; what was typed in it goes. */
    record StepRow(Landing to) implements Forward {}

    /**
     * A tab set of the top level's trail shows another of its tabs, as it was left or from its root on; what lies above
     * the set goes.
     *
     * @param set its id
     * @param to the root of the tab; the first of its tabs is that of the set
     */
    record ShowTab(String set, Landing to) implements Forward {}

    /**
     * Back to the root of the tab that is shown.
     *
     * @param set id of the tab set around the current place
     */
    record ToRoot(String set) implements TrailAction {}

    /** A new level. */
    record Raise(Landing to) implements Forward {}

    /** The top level goes; it is not the base. */
    record CloseLevel() implements TrailAction {}

    /** The top level goes, and every one above the nearest beneath it that holds pages; there is one. */
    record CloseToPages() implements TrailAction {}

    /** Everything goes, and a screen is the only place there is. */
    record Restart(Landing to) implements Forward {}

    /** A fact holds a value from now on; one within its bounds. */
    record Set(Fact fact, Value value) implements Staying {}

    /**
     * A message is shown for some ms.
     *
     * @param action id of the link that can be chosen on it; empty: none
     */
    record Tell(String words, int ms, Optional<String> action) implements Staying {}

    /** An outside address is led to; play stays. */
    record LeaveTo(String address) implements Staying {}

    /**
     * Work of the current place is waited for again, or a plain wait of it counts from 0.
     *
     * @param link id of the link that waits for it
     */
    record BeginAgain(String link) implements Staying {}

    /** Something is typed in a field of the current place. */
    record Hold(String field, String text) implements Staying {}

    /**
     * A drawer opens, in place of one that is open.
     *
     * @param drawer its id
     */
    record OpenDrawer(String drawer) implements Staying {}

    /**
     * A drawer opens where a move has led, if it is attached there and is not always there.
     *
     * @param drawer its id
     */
    record OpenThere(String drawer) implements Staying {}

    /** The open drawer closes. */
    record CloseDrawer() implements Staying {}

    /** A wait is spent, and nothing else changes. */
    record Spend() implements Staying {}

    /** The prototype is left. */
    record Leave() implements TrailAction {}
}
