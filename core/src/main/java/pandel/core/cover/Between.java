package pandel.core.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.check.Checked;
import pandel.core.check.finding.Walk;
import pandel.core.model.Journey;
import pandel.core.model.link.Event;

/**
 * The shortest way from one screen to another, beginning where the first is soonest come to.
 *
 * @param lead how a person comes to the first screen
 * @param legs from there on, with what each shows
 */
public record Between(Walk lead, List<Journey.Leg> legs) {

    public Between {
        legs = List.copyOf(legs);
    }

    /** Empty when the first is never shown, or the other is not found among the situations looked at. */
    public static Optional<Between> of(Checked checked, String from, String to) {
        return checked.walkTo(from)
                .flatMap(lead -> Onward.until(
                                checked.prototype(),
                                lead.replay(checked.prototype()),
                                (event, stepped) -> stepped.situation().screen().equals(to))
                        .map(legs -> new Between(lead, legs)));
    }

    /** All of it, from the entry on. */
    public Walk walk() {
        List<Event> events = new ArrayList<>();
        legs.forEach(leg -> events.add(leg.event()));
        return lead.and(events);
    }

    /** Ids of the screens it shows, from the first on. */
    public List<String> screens(String from) {
        List<String> screens = new ArrayList<>(List.of(from));
        legs.forEach(leg -> screens.add(leg.shown()));
        return screens;
    }
}
