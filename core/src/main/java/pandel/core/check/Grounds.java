package pandel.core.check;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import pandel.core.model.Prototype;

/**
 * What the findings are drawn from.
 *
 * @param explorations one for each class of devices that differ in nothing that matters; never empty
 * @param asked which facts anything asks for
 * @param points the same from the start points; empty when there are none
 * @param unsettled takes what cannot be answered
 * @param idles where links come to nothing
 * @param nearest for each screen ever shown, the exploration that comes to it soonest
 */
record Grounds(
        Prototype prototype,
        Asked asked,
        List<Exploration> explorations,
        List<Exploration> points,
        Map<String, Exploration> nearest,
        Idles idles,
        Consumer<Unsettled> unsettled) {

    /** The nodes of a screen on any device. */
    Stream<Node> nodesOn(String screen) {
        return explorations.stream().flatMap(e -> e.nodesOn(screen).stream());
    }

    boolean shown(String screen) {
        return nearest.containsKey(screen);
    }

    /** The shortest walk to a screen. */
    Optional<Walk> walkTo(String screen) {
        return Optional.ofNullable(nearest.get(screen))
                .map(e -> e.walkTo(Objects.requireNonNull(e.nearest().get(screen))));
    }

    /** Whether a screen may be shown, which is not settled. */
    boolean perhapsShown(String screen) {
        return !shown(screen)
                && explorations.stream().anyMatch(e -> e.perhapsReached().contains(screen));
    }

    /** Whether a link may do something, which is not settled. */
    boolean perhapsFires(String link) {
        return !fires(link)
                && explorations.stream().anyMatch(e -> e.perhapsFired().contains(link));
    }

    /** The shortest walk to a screen from a start point. */
    Optional<Walk> walkFromPoint(String screen) {
        return points.stream()
                .filter(e -> e.nearest().containsKey(screen))
                .findFirst()
                .map(e -> e.walkTo(Objects.requireNonNull(e.nearest().get(screen))));
    }

    boolean fires(String link) {
        return explorations.stream().anyMatch(e -> e.fired().contains(link));
    }
}
