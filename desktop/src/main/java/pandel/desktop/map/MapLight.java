package pandel.desktop.map;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.chart.Chart.Line;

/**
 * What the map is looked at for: what stays lit while the rest steps back.
 *
 * @param screens ids of the screens lit; empty: all are
 * @param numbers what stands beside some of them
 * @param lines pairs of screens whose way is drawn strong
 * @param style the style of those ways
 * @param told the sentence below; empty: that of the chosen screen
 */
record MapLight(
        Optional<Set<String>> screens,
        Map<String, String> numbers,
        Set<Pair> lines,
        String style,
        Optional<String> told) {

    /** From one screen to another. */
    record Pair(String from, String to) {
        static Pair of(Line line) {
            return new Pair(line.from(), line.to());
        }
    }

    static final MapLight ALL = new MapLight(Optional.empty(), Map.of(), Set.of(), "", Optional.empty());

    /** Screens alone. */
    static MapLight on(Set<String> screens, Map<String, String> numbers, String told) {
        return new MapLight(Optional.of(screens), numbers, Set.of(), "", Optional.of(told));
    }

    /** A walk, numbered in the order in which it shows screens. */
    static MapLight path(List<String> path, String style, String told) {
        Map<String, String> numbers = new HashMap<>();
        Set<Pair> lines = new HashSet<>();
        for (int i = 0; i < path.size(); i++) {
            String at = path.get(i);
            numbers.merge(at, String.valueOf(i + 1), (a, b) -> a.contains("…") ? a : a + "…");
            if (i > 0 && !path.get(i - 1).equals(at)) {
                lines.add(new Pair(path.get(i - 1), at));
            }
        }
        return new MapLight(Optional.of(new HashSet<>(path)), numbers, lines, style, Optional.of(told));
    }

    boolean isLit(String screen) {
        return screens.isEmpty() || screens.get().contains(screen);
    }
}
