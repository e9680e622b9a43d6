package pandel.core.check;

import java.util.List;
import java.util.Optional;

/**
 * Something a check reports.
 *
 * @param sentence one plain sentence
 * @param screens  ids of the screens it is about, the first to be shown first
 * @param hotspot  id of the hotspot where it is, if it is at one
 * @param link     id of the link where it is, if it is at one
 * @param walk     the shortest list of events that shows it; empty when it is that something is never shown
 */
public record Finding(Rule rule, Weight weight, String sentence, List<String> screens, Optional<String> hotspot,
                      Optional<String> link, Optional<Walk> walk) {

    public Finding {
        screens = List.copyOf(screens);
    }

    /** A finding about screens as a whole. */
    static Finding about(Rule rule, Weight weight, String sentence, List<String> screens, Optional<Walk> walk) {
        return new Finding(rule, weight, sentence, screens, Optional.empty(), Optional.empty(), walk);
    }
}
