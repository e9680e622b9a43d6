package pandel.core.chart;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import pandel.core.chart.Chart.Line;
import pandel.core.chart.Chart.Place;
import pandel.core.model.screen.Screen;

/**
 * The order in which a walk along first ways meets places: each, then what it leads to first, then what stands on its
 * shoulder leads to. A tree whose bands all stand in the order of one such walk is drawn without crossings.
 */
final class WalkOrder {

    private WalkOrder() {}

    /**
     * Numbers for the ids of screens, those on shoulders as those they stand on.
     *
     * @param places in the order in which those that one place leads to are met
     */
    static Map<String, Integer> of(Collection<Place> places, Collection<Line> firstWays) {
        Map<String, String> from = new HashMap<>();
        firstWays.forEach(l -> from.put(l.to(), l.from()));
        Map<String, List<Place>> children = new HashMap<>();
        Deque<Place> next = new ArrayDeque<>();
        for (Place place : places) {
            String source = from.get(place.screen().id());
            if (source == null) {
                next.add(place);
            } else {
                children.computeIfAbsent(source, k -> new ArrayList<>()).add(place);
            }
        }
        Map<String, Integer> met = new HashMap<>();
        walk(next, children, met);
        // What leads to one another in a round has no first.
        for (Place place : places) {
            next.add(place);
            walk(next, children, met);
        }
        return met;
    }

    private static void walk(Deque<Place> next, Map<String, List<Place>> children, Map<String, Integer> met) {
        while (!next.isEmpty()) {
            Place place = next.pop();
            int number = met.size();
            List<String> ids = ids(place).toList();
            if (met.putIfAbsent(place.screen().id(), number) == null) {
                ids.forEach(id -> met.put(id, number));
                ids.reversed().stream()
                        .flatMap(id -> children.getOrDefault(id, List.of()).reversed().stream())
                        .forEach(next::push);
            }
        }
    }

    private static Stream<String> ids(Place place) {
        return Stream.concat(Stream.of(place.screen()), place.shoulder().stream())
                .map(Screen::id);
    }
}
