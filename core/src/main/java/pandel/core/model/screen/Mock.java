package pandel.core.model.screen;

import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;

/** How a screen looks on a width. */
public sealed interface Mock permits Picture {

    /** The width it was made for. */
    Width on();

    /** Its width in px. */
    double width();

    /** Its height in px. */
    double height();

    /** px at its top that stay put while the rest scrolls. */
    double fixedTop();

    /** px at its bottom that stay put while the rest scrolls. */
    double fixedBottom();

    /** Words laid on it, the later above the earlier. */
    java.util.List<Patch> patches();

    Rest rest();
}
