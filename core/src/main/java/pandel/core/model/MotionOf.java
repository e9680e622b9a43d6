package pandel.core.model;

import pandel.core.model.link.Verb;
import pandel.core.model.screen.Form;

/** What has a usual motion of its own. */
public sealed interface MotionOf {

    /** What a verb does, where nothing below says more. */
    record OfVerb(Verb verb) implements MotionOf {}

    /** What is opened above and is of a form; a page is a takeover. */
    record Above(Form form) implements MotionOf {}

    /** Drawers: how long they take, and their easing; how they come each says itself. */
    record Drawers() implements MotionOf {}

    /** "advance", "open a sheet above", "drawers". */
    default String words() {
        return switch (this) {
            case OfVerb of -> of.verb().word();
            case Above above ->
                "open "
                        + (above.form() == Form.PAGE
                                ? "a takeover"
                                : "a " + above.form().word());
            case Drawers drawers -> "drawers";
        };
    }
}
