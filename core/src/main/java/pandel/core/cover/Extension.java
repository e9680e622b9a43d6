package pandel.core.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;

/** A journey led on until a link does something. */
public final class Extension {

    private Extension() {}

    /** The working journey that needs the fewest events more, led on to the link; empty when none gets there soon. */
    public static Optional<Journey> to(Prototype prototype, List<Replayed> journeys, LinkOutcome wanted) {
        Optional<Journey> best = Optional.empty();
        int fewest = Integer.MAX_VALUE;
        for (Replayed replayed : journeys) {
            if (replayed.broken().isEmpty() && replayed.end().isPresent()) {
                List<Journey.Leg> more = Onward.until(
                                prototype,
                                replayed.end().get(),
                                (event, stepped) -> LinkOutcome.of(event, stepped.happening())
                                        .equals(Optional.of(wanted)))
                        .orElse(List.of());
                if (!more.isEmpty() && more.size() < fewest) {
                    fewest = more.size();
                    List<Journey.Leg> all = new ArrayList<>(replayed.journey().legs());
                    all.addAll(more);
                    best = Optional.of(replayed.journey().with(all));
                }
            }
        }
        return best;
    }
}
