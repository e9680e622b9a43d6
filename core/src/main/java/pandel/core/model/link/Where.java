package pandel.core.model.link;

import java.util.Locale;

/** Where a move is done. */
public enum Where {
    /** On the link’s own level. */
    HERE,
    /** On the nearest level under the link’s own that holds pages, after everything above that has closed. */
    BENEATH,
    /** On the trail that holds the outermost tab set. */
    OUTSIDE_THE_TABS;

    /** The word in sentences and in the file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
