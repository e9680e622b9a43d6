package pandel.core.check.solve;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Walk;
import pandel.core.check.relevance.Covered;
import pandel.core.check.relevance.Relevance;
import pandel.core.model.Prototype;

/**
 * What the findings are drawn from.
 *
 * @param explorations one for each class of devices that differ in nothing that matters; never empty
 * @param covered what no finger comes to
 * @param relevance which facts anything asks for
 * @param points the same from the start points; empty when there are none
 * @param unsettled takes what cannot be answered
 * @param idles where links come to nothing
 * @param nearest for each screen ever shown, the exploration that comes to it soonest
 */
public record Solution(
        Prototype prototype,
        Covered covered,
        Relevance relevance,
        List<Reachability> explorations,
        List<Reachability> points,
        Map<String, Reachability> nearest,
        Idles idles,
        Consumer<Unsettled> unsettled) {

    /** The nodes of a screen on any device. */
    public Stream<Node> nodesOn(String screen) {
        return explorations.stream().flatMap(e -> e.nodesOn(screen).stream());
    }

    public boolean shown(String screen) {
        return nearest.containsKey(screen);
    }

    /** The shortest walk to a screen. */
    public Optional<Walk> walkTo(String screen) {
        return Optional.ofNullable(nearest.get(screen))
                .map(e -> e.walkTo(Objects.requireNonNull(e.nearest().get(screen))));
    }

    /** Whether a screen may be shown, which is not settled. */
    public boolean perhapsShown(String screen) {
        return !shown(screen)
                && explorations.stream().anyMatch(e -> e.perhapsReached().contains(screen));
    }

    /** Whether a link may do something, which is not settled. */
    public boolean perhapsFires(String link) {
        return !fires(link)
                && explorations.stream().anyMatch(e -> e.perhapsFired().contains(link));
    }

    /** The shortest walk to a screen from a start point. */
    public Optional<Walk> walkFromPoint(String screen) {
        return points.stream()
                .filter(e -> e.nearest().containsKey(screen))
                .findFirst()
                .map(e -> e.walkTo(Objects.requireNonNull(e.nearest().get(screen))));
    }

    public boolean fires(String link) {
        return explorations.stream().anyMatch(e -> e.fired().contains(link));
    }
}
