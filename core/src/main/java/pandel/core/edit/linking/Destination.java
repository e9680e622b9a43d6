package pandel.core.edit.linking;

import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Screen;

/** Where a person says that a link leads. */
public sealed interface Destination {

    /** A screen there is. */
    record There(Screen screen) implements Destination {}

    /**
     * A tab set or sequence there is.
     *
     * @param kind "sequence, 3 pages"
     */
    record Frame(Target target, String title, String kind) implements Destination {}

    /** A drawer to open. */
    record OfDrawer(String id, String title) implements Destination {

        /** What opens it. */
        public Effect effect() {
            return new Effect.MoveDrawer(id, Effect.How.OPEN);
        }
    }

    /** A screen to be made. */
    record New(String title) implements Destination {}

    /** Return, or close. */
    record Back(Verb verb) implements Destination {}

    /** The hotspot stays without a link. */
    record NoLink() implements Destination {}
}
