package pandel.core.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.Prototype;

/**
 * What the findings are drawn from.
 *
 * @param explorations one for each class of devices that differ in nothing that matters; never empty
 * @param nearest      for each screen ever shown, the exploration that comes to it soonest
 */
record Grounds(Prototype prototype, List<Exploration> explorations, Map<String, Exploration> nearest) {

    boolean shown(String screen) {
        return nearest.containsKey(screen);
    }

    /** The shortest walk to a screen. */
    Optional<Walk> walkTo(String screen) {
        return Optional.ofNullable(nearest.get(screen)).map(e -> e.walkTo(e.nearest().get(screen)));
    }

    boolean fires(String link) {
        return explorations.stream().anyMatch(e -> e.fired().contains(link));
    }
}
