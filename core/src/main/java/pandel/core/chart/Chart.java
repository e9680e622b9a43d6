package pandel.core.chart;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import pandel.core.check.Checked;
import pandel.core.model.Index.Way;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/**
 * The map: screens in bands by the fewest steps from an entry, overlays on the shoulder of what opens them, the never
 * shown on a shelf of their own. The same for the same prototype.
 *
 * @param bands one for each number of steps that some screen is away, nearest first
 * @param shelf the screens never shown, in file order
 * @param ways between screens shown: each pair once
 * @param firstWays one into each screen that is no start, from what leads there with the fewest steps
 */
public record Chart(List<Band> bands, List<Screen> shelf, List<Line> ways, List<Line> firstWays) {

    /** Rounds of ordering bands by what stands before and behind them. */
    private static final int ROUNDS = 3;

    /** The places that many steps away, from the top down. */
    public record Band(int steps, List<Place> places) {
        public Band {
            places = List.copyOf(places);
        }

        /** How many screens stand in it, those on shoulders among them. */
        public int screens() {
            return places.stream().mapToInt(p -> 1 + p.shoulder().size()).sum();
        }
    }

    /** A screen, and the overlays that stand on its shoulder since it is the nearest that opens them. */
    public record Place(Screen screen, List<Screen> shoulder) {
        public Place {
            shoulder = List.copyOf(shoulder);
        }

        /** Whether one is on the other's shoulder, or the next below it there. */
        private boolean touch(String from, String to) {
            List<String> ids = shoulder.stream().map(Screen::id).toList();
            int at = ids.indexOf(to);
            return at >= 0
                    && (screen.id().equals(from) || at > 0 && ids.get(at - 1).equals(from));
        }
    }

    /** At least one link from one screen to another; {@code above} when that is no page. */
    public record Line(String from, String to, boolean above) {}

    /** Whether a way leads onto what stands right below where it comes from: the two touch, and no line is needed. */
    boolean isOntoShoulder(Line line) {
        return line.above()
                && bands.stream().flatMap(b -> b.places().stream()).anyMatch(p -> p.touch(line.from(), line.to()));
    }

    /** Ways by where they come from, in their order. */
    static Map<String, List<Line>> bySource(Collection<Line> lines) {
        return lines.stream().collect(Collectors.groupingBy(Line::from, LinkedHashMap::new, Collectors.toList()));
    }

    public Chart {
        bands = List.copyOf(bands);
        shelf = List.copyOf(shelf);
        ways = List.copyOf(ways);
        firstWays = List.copyOf(firstWays);
    }

    /**
     * Lays out what was checked. Within a band places are sorted by the mean height of their neighbours, to and fro
     * (barycentre method: Sugiyama, Tagawa, Toda 1981). Costs time in proportion to screens and links, but for sorting.
     */
    public static Chart of(Checked checked) {
        Set<Line> lines = lines(checked);
        Map<String, String> hosts = hosts(checked, lines);
        Map<String, List<Screen>> shoulders = new HashMap<>();
        Map<Integer, List<Screen>> bySteps = new TreeMap<>();
        for (String id : checked.shown()) {
            Screen screen = checked.prototype().screen(id).orElseThrow();
            if (Objects.requireNonNull(hosts.get(id)).equals(id)) {
                bySteps.computeIfAbsent(checked.stepsTo(id).orElseThrow(), k -> new ArrayList<>())
                        .add(screen);
            } else {
                shoulders
                        .computeIfAbsent(Objects.requireNonNull(hosts.get(id)), k -> new ArrayList<>())
                        .add(screen);
            }
        }
        order(bySteps, lines, hosts);
        List<Line> firstWays = firstWays(checked, lines);
        Map<String, String> opened = new HashMap<>();
        firstWays.forEach(l -> opened.put(l.to(), l.from()));
        Map<Integer, List<Place>> placed = new LinkedHashMap<>();
        bySteps.forEach((steps, screens) -> placed.put(
                steps,
                screens.stream()
                        .map(s -> new Place(s, stacked(s.id(), shoulders.getOrDefault(s.id(), List.of()), opened)))
                        .toList()));
        Map<String, Integer> met =
                WalkOrder.of(placed.values().stream().flatMap(List::stream).toList(), firstWays);
        List<Band> bands = new ArrayList<>();
        placed.forEach((steps, places) -> bands.add(new Band(
                steps,
                places.stream()
                        .sorted(Comparator.comparingInt(
                                p -> Objects.requireNonNull(met.get(p.screen().id()))))
                        .toList())));
        return new Chart(bands, checked.unreached(), List.copyOf(lines), firstWays);
    }

    /** On whose place each screen stands: its own, or for an overlay that of the nearest screen that leads to it. */
    private static Map<String, String> hosts(Checked checked, Set<Line> lines) {
        Map<String, List<String>> leading = new HashMap<>();
        lines.forEach(line ->
                leading.computeIfAbsent(line.to(), k -> new ArrayList<>()).add(line.from()));
        Map<String, String> hosts = new HashMap<>();
        for (String id : checked.shown()) {
            boolean overlay = checked.prototype().screen(id).orElseThrow().form() != Form.PAGE;
            // What is shown comes nearest first, so the hosts of nearer screens are known.
            hosts.put(
                    id,
                    overlay
                            ? leading.getOrDefault(id, List.of()).stream()
                                    .filter(hosts::containsKey)
                                    .min(Comparator.comparingInt(
                                            from -> checked.stepsTo(from).orElseThrow()))
                                    .map(hosts::get)
                                    .orElse(id)
                            : id);
        }
        return hosts;
    }

    private static void order(Map<Integer, List<Screen>> bands, Set<Line> lines, Map<String, String> hosts) {
        Map<String, Set<String>> neighbours = new HashMap<>();
        lines.forEach(line -> {
            String a = hosts.get(line.from());
            String b = hosts.get(line.to());
            neighbours.computeIfAbsent(a, k -> new LinkedHashSet<>()).add(b);
            neighbours.computeIfAbsent(b, k -> new LinkedHashSet<>()).add(a);
        });
        Map<String, Integer> bandOf = new HashMap<>();
        Map<String, Double> height = new HashMap<>();
        bands.forEach((steps, screens) -> screens.forEach(s -> bandOf.put(s.id(), steps)));
        List<Integer> forth = List.copyOf(bands.keySet());
        for (int round = 0; round < ROUNDS; round++) {
            for (int steps : forth) {
                sort(in(bands, steps), height, beside(neighbours, n -> bandOf.getOrDefault(n, steps) < steps));
            }
            for (int steps : forth.reversed()) {
                sort(in(bands, steps), height, beside(neighbours, n -> bandOf.getOrDefault(n, steps) > steps));
            }
        }
        for (int steps : forth) {
            sort(in(bands, steps), height, beside(neighbours, n -> bandOf.getOrDefault(n, steps) < steps));
        }
    }

    private static List<Line> firstWays(Checked checked, Set<Line> lines) {
        Map<String, Line> first = new LinkedHashMap<>();
        // From where the fewest steps lead on, not by a link that is possible only later.
        ToIntFunction<Line> steps = l -> {
            int before = checked.stepsTo(l.to()).orElseThrow()
                    - checked.stepsTo(l.from()).orElseThrow();
            return before > 0 ? before : Integer.MAX_VALUE + before;
        };
        lines.stream()
                .filter(l -> checked.stepsTo(l.to()).orElseThrow() > 0)
                .forEach(l -> first.merge(l.to(), l, (a, b) -> steps.applyAsInt(a) <= steps.applyAsInt(b) ? a : b));
        return List.copyOf(first.values());
    }

    /** Each before what it opens first, that right below it. */
    private static List<Screen> stacked(String host, List<Screen> shoulder, Map<String, String> opened) {
        List<Screen> stack = new ArrayList<>();
        shoulder.stream()
                .filter(s -> host.equals(opened.get(s.id()))
                        || shoulder.stream().noneMatch(o -> o.id().equals(opened.get(s.id()))))
                .forEach(s -> stack(s, shoulder, opened, stack));
        return stack;
    }

    private static void stack(Screen screen, List<Screen> shoulder, Map<String, String> opened, List<Screen> stack) {
        stack.add(screen);
        shoulder.stream()
                .filter(s -> screen.id().equals(opened.get(s.id())))
                .forEach(s -> stack(s, shoulder, opened, stack));
    }

    private static List<Screen> in(Map<Integer, List<Screen>> bands, int steps) {
        return Objects.requireNonNull(bands.get(steps));
    }

    private static Neighbours beside(Map<String, Set<String>> neighbours, Predicate<String> which) {
        return id ->
                neighbours.getOrDefault(id, Set.of()).stream().filter(which).toList();
    }

    private interface Neighbours {
        List<String> of(String screen);
    }

    /** What has no neighbours on that side stays where it is. */
    private static void sort(List<Screen> band, Map<String, Double> height, Neighbours neighbours) {
        Map<String, Double> wanted = new LinkedHashMap<>();
        for (int i = 0; i < band.size(); i++) {
            double own = (i + 0.5) / band.size();
            wanted.put(
                    band.get(i).id(),
                    neighbours.of(band.get(i).id()).stream()
                            .filter(height::containsKey)
                            .mapToDouble(height::get)
                            .average()
                            .orElse(own));
        }
        band.sort(Comparator.comparingDouble(s -> wanted.get(s.id())));
        for (int i = 0; i < band.size(); i++) {
            height.put(band.get(i).id(), (i + 0.5) / band.size());
        }
    }

    private static Set<Line> lines(Checked checked) {
        Set<Line> lines = new LinkedHashSet<>();
        for (Way way : checked.prototype().index().ways()) {
            for (Screen from : way.from()) {
                for (String to : way.targets()) {
                    if (checked.shows(from.id())
                            && checked.shows(to)
                            && checked.fires(way.link().id())
                            && !from.id().equals(to)) {
                        boolean above =
                                checked.prototype().screen(to).orElseThrow().form() != Form.PAGE;
                        lines.add(new Line(from.id(), to, above));
                    }
                }
            }
        }
        return lines;
    }
}
