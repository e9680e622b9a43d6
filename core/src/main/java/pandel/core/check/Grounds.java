package pandel.core.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import pandel.core.model.Prototype;

/**
 * What the findings are drawn from.
 *
 * @param explorations one for each class of devices that differ in nothing that matters; never empty
 * @param unsettled takes what cannot be answered
 * @param nearest      for each screen ever shown, the exploration that comes to it soonest
 */
record Grounds(Prototype prototype, List<Exploration> explorations, Map<String, Exploration> nearest, Consumer<Unsettled> unsettled) {

    boolean shown(String screen) {
        return nearest.containsKey(screen);
    }

    /** The shortest walk to a screen. */
    Optional<Walk> walkTo(String screen) {
        return Optional.ofNullable(nearest.get(screen)).map(e -> e.walkTo(e.nearest().get(screen)));
    }

    /** Whether a screen may be shown, which is not settled. */
    boolean perhapsShown(String screen) {
        return !shown(screen) && explorations.stream().anyMatch(e -> e.perhapsReached().contains(screen));
    }

    /** Whether a link may do something, which is not settled. */
    boolean perhapsFires(String link) {
        return !fires(link) && explorations.stream().anyMatch(e -> e.perhapsFired().contains(link));
    }

    boolean fires(String link) {
        return explorations.stream().anyMatch(e -> e.fired().contains(link));
    }
}
