package pandel.core.model;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import pandel.core.model.link.Event;
import pandel.core.model.rest.Rest;

/**
 * A recorded, named, replayable list of events with what was shown.
 *
 * @param purpose what it is for; may be empty
 * @param device id of the device it was recorded on
 * @param entry id of the entry it begins at
 * @param end id of the screen it is expected to end on; empty: wherever
 */
@RecordBuilder
public record Journey(
        String id,
        String title,
        String purpose,
        String device,
        String entry,
        List<Leg> legs,
        Optional<String> end,
        Rest rest) {

    /** One event and the id of the screen that was current after it. */
    @RecordBuilder
    public record Leg(Event event, String shown) {}

    public Journey {
        legs = List.copyOf(legs);
    }

    /** Its events alone. */
    public List<Event> events() {
        return legs.stream().map(Leg::event).toList();
    }

    /** The same going on. */
    public Journey with(List<Leg> newLegs) {
        return new Journey(
                id,
                title,
                purpose,
                device,
                entry,
                newLegs,
                newLegs.isEmpty() ? end : Optional.of(newLegs.getLast().shown()),
                rest);
    }
}
