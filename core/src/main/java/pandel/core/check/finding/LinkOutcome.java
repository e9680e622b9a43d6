package pandel.core.check.finding;

import java.util.Optional;
import pandel.core.model.link.Event;
import pandel.core.play.Happening;

/**
 * A link, and how it turned out where that was chosen among several.
 *
 * @param link its id
 * @param outcome empty where it has but one way to turn out there
 */
public record LinkOutcome(String link, Optional<String> outcome) {

    /** What an event set off and was done; empty when no link was, or nothing was done. */
    public static Optional<LinkOutcome> of(Event event, Happening happening) {
        return happening.isDone()
                ? happening.link().map(link -> new LinkOutcome(link, event.outcome()))
                : Optional.empty();
    }
}
