package pandel.desktop.map;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.chart.Chart;
import pandel.core.model.screen.Screen;

/** Moving about the map along links. */
final class MapSteps {

    private MapSteps() {}

    /**
     * The screen at the other end of a link.
     *
     * @param further along a link that leads from the screen, else back along one that leads to it
     * @param camePast id of the screen that was looked at before, taken where there is a choice
     */
    static Optional<String> along(Chart chart, String screen, boolean further, String camePast) {
        Map<String, Integer> order = order(chart);
        if (!order.containsKey(screen)) {
            return order.keySet().stream().findFirst();
        }
        List<String> ends = new ArrayList<>();
        for (Chart.Line line : chart.ways()) {
            if ((further ? line.from() : line.to()).equals(screen)) {
                ends.add(further ? line.to() : line.from());
            }
        }
        List<String> onward = ends.stream()
                .filter(id -> further
                        ? Objects.requireNonNull(order.get(id)) > order.get(screen)
                        : Objects.requireNonNull(order.get(id)) < order.get(screen))
                .toList();
        List<String> choice = onward.isEmpty() ? ends : onward;
        return choice.contains(camePast)
                ? Optional.of(camePast)
                : choice.stream()
                        .min((a, b) -> Integer.compare(
                                Objects.requireNonNull(order.get(a)), Objects.requireNonNull(order.get(b))));
    }

    /** Places from left to right, from the top down. */
    private static Map<String, Integer> order(Chart chart) {
        Map<String, Integer> order = new HashMap<>();
        chart.bands().stream()
                .flatMap(b -> b.places().stream())
                .flatMap(p -> Stream.concat(Stream.of(p.screen()), p.shoulder().stream()))
                .map(Screen::id)
                .forEach(id -> order.put(id, order.size()));
        return order;
    }
}
