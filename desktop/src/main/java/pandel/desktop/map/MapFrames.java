package pandel.desktop.map;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.shape.Line;
import pandel.core.chart.MapLayout;
import pandel.core.chart.Spot;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;

/** What frames hold together: the roots of a tab set, the pages of a sequence, on a rail at the left of their chips. */
final class MapFrames {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double LEFT = 8;
    private static final double TICK = 5;
    private static final double HEAD = 13;

    private MapFrames() {}

    /** @param chosen id of the chosen screen: the rail of its frame stands out */
    static List<Node> draw(Prototype prototype, MapLayout layout, String chosen) {
        List<Node> nodes = new ArrayList<>();
        members(prototype).forEach((title, screens) -> {
            Map<Double, List<Spot>> columns = new TreeMap<>();
            screens.stream()
                    .distinct()
                    .map(layout.spots()::get)
                    .filter(s -> s != null && !s.onShoulder())
                    .forEach(s -> columns.computeIfAbsent(s.x(), x -> new ArrayList<>())
                            .add(s));
            boolean[] first = {true};
            columns.forEach((x, spots) -> {
                rail(nodes, x - LEFT, spots, screens.contains(chosen));
                if (first[0]) {
                    first[0] = false;
                    nodes.add(label(
                            title,
                            x - LEFT,
                            spots.stream().mapToDouble(Spot::y).min().orElseThrow() - HEAD,
                            screens.contains(chosen)));
                }
            });
        });
        return nodes;
    }

    /** The screens of each frame by its title. */
    private static Map<String, List<String>> members(Prototype prototype) {
        Map<String, List<String>> all = new LinkedHashMap<>();
        prototype
                .tabSets()
                .forEach(s -> all.computeIfAbsent(s.shownTitle(), t -> new ArrayList<>())
                        .addAll(Targets.takers(prototype, new Target.ToTabs(s.id())).stream()
                                .map(Screen::id)
                                .toList()));
        prototype
                .sequences()
                .forEach(s -> all.computeIfAbsent(s.shownTitle(), t -> new ArrayList<>())
                        .addAll(s.pages()));
        return all;
    }

    private static void rail(List<Node> nodes, double x, List<Spot> spots, boolean chosen) {
        double from = spots.stream().mapToDouble(Spot::middle).min().orElseThrow();
        double to = spots.stream().mapToDouble(Spot::middle).max().orElseThrow();
        nodes.add(line(x, from, x, to, chosen));
        spots.forEach(s -> nodes.add(line(x, s.middle(), x + TICK, s.middle(), chosen)));
    }

    private static Line line(double x1, double y1, double x2, double y2, boolean chosen) {
        Line line = new Line(Math.rint(x1) + 0.5, Math.rint(y1) + 0.5, Math.rint(x2) + 0.5, Math.rint(y2) + 0.5);
        line.getStyleClass().add("map-frame");
        line.pseudoClassStateChanged(CHOSEN, chosen);
        line.setMouseTransparent(true);
        line.setManaged(false);
        return line;
    }

    private static Label label(String title, double x, double y, boolean chosen) {
        Label label = new Label(title);
        label.getStyleClass().addAll("quiet", "map-frame-title");
        label.pseudoClassStateChanged(CHOSEN, chosen);
        label.setMouseTransparent(true);
        label.setMaxWidth(MapLayout.CHIP);
        label.relocate(Math.rint(x), Math.rint(y));
        return label;
    }
}
