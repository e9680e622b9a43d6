package pandel.core.chart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pandel.core.check.Checked;
import pandel.core.model.Form;
import pandel.core.model.Index.Way;
import pandel.core.model.Screen;

/**
 * The map: screens in bands by the fewest steps from an entry, the never shown on a shelf of their own.
 *
 * @param bands one for each number of steps that some screen is away, nearest first
 * @param shelf the screens never shown, in file order
 * @param ways  what to draw between screens shown: each pair once
 */
public record Chart(List<Band> bands, List<Screen> shelf, List<Line> ways) {

    /** The screens that many steps away, from the top down. */
    public record Band(int steps, List<Screen> screens) {
        public Band {
            screens = List.copyOf(screens);
        }
    }

    /** At least one link from one screen to another; {@code above} when it is only ever opened above. */
    public record Line(String from, String to, boolean above) {
    }

    public Chart {
        bands = List.copyOf(bands);
        shelf = List.copyOf(shelf);
        ways = List.copyOf(ways);
    }

    /** Lays out what was checked. Within a band screens stand near the middle of what leads to them (barycentre). */
    public static Chart of(Checked checked) {
        Map<Integer, List<Screen>> bySteps = new LinkedHashMap<>();
        for (String id : checked.shown()) {
            Screen screen = checked.prototype().screen(id).orElseThrow();
            bySteps.computeIfAbsent(checked.stepsTo(id).orElseThrow(), k -> new ArrayList<>()).add(screen);
        }
        Set<Line> lines = lines(checked);
        Map<String, List<String>> leading = new HashMap<>();
        lines.forEach(line -> leading.computeIfAbsent(line.to(), k -> new ArrayList<>()).add(line.from()));
        Map<String, Double> height = new HashMap<>();
        List<Band> bands = new ArrayList<>();
        bySteps.entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(entry -> {
            List<Screen> ordered = new ArrayList<>(entry.getValue());
            Map<String, Double> wanted = new HashMap<>();
            ordered.forEach(s -> wanted.put(s.id(), leading.getOrDefault(s.id(), List.of()).stream()
                    .filter(height::containsKey).mapToDouble(height::get).average().orElse(0.5)));
            ordered.sort(Comparator.comparingDouble(s -> wanted.get(s.id())));
            for (int i = 0; i < ordered.size(); i++) {
                height.put(ordered.get(i).id(), (i + 0.5) / ordered.size());
            }
            bands.add(new Band(entry.getKey(), ordered));
        });
        return new Chart(bands, checked.unreached(), List.copyOf(lines));
    }

    private static Set<Line> lines(Checked checked) {
        Set<Line> lines = new LinkedHashSet<>();
        for (Way way : checked.prototype().index().ways()) {
            for (Screen from : way.from()) {
                for (String to : way.targets()) {
                    if (checked.shows(from.id()) && checked.shows(to) && checked.fires(way.link().id()) && !from.id().equals(to)) {
                        boolean above = checked.prototype().screen(to).orElseThrow().form() != Form.PAGE;
                        lines.add(new Line(from.id(), to, above));
                    }
                }
            }
        }
        return lines;
    }
}
