package pandel.core.edit.whole;

import java.util.ArrayList;
import java.util.List;
import pandel.core.edit.Edit;
import pandel.core.model.Journey;

/** Edits of journeys. */
public final class JourneyEdits {

    private JourneyEdits() {}

    /** Keeps a journey, in place of one with its id. */
    public static Edit keep(Journey journey) {
        return Edit.of("keep the journey “" + journey.title() + "”", p -> {
            List<Journey> all = new ArrayList<>(p.journeys());
            int at = all.stream().map(Journey::id).toList().indexOf(journey.id());
            if (at < 0) {
                all.add(journey);
            } else {
                all.set(at, journey);
            }
            return p.withJourneys(all);
        });
    }

    public static Edit remove(Journey journey) {
        return Edit.of(
                "remove the journey “" + journey.title() + "”",
                p -> p.withJourneys(p.journeys().stream()
                        .filter(j -> !j.id().equals(journey.id()))
                        .toList()));
    }
}
