package pandel.desktop.map;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import pandel.core.chart.Chart;
import pandel.core.chart.MapLayout;
import pandel.core.chart.Route;

/**
 * The ways between chips. At rest one into each screen is drawn; all of the chosen screen, or of the one that is
 * pointed at, and those that are looked at, are drawn strong, with a head where they arrive.
 */
final class MapWays extends Group {

    private static final double HEAD = 7;
    private static final double HEAD_HALF = 3.5;

    private final Chart chart;
    private final Set<Chart.Line> linked;
    private final MapLayout layout;
    private final MapLight light;

    MapWays(Chart chart, MapLayout layout, MapLight light) {
        this.chart = chart;
        this.linked = Set.copyOf(chart.ways());
        this.layout = layout;
        this.light = light;
        setMouseTransparent(true);
        setManaged(false);
    }

    /** Draws them anew, those of a screen strong. */
    void draw(Optional<String> screen) {
        List<Route> strong = light.screens().isPresent()
                ? layout.ways().along(looked())
                : layout.blocks().isEmpty() ? screen.map(layout.ways()::of).orElse(List.of()) : List.of();
        Set<Chart.Line> own = new LinkedHashSet<>();
        strong.forEach(route -> own.add(route.line()));
        List<Node> drawn = new ArrayList<>();
        for (Route route : layout.ways().atRest()) {
            if (!own.contains(route.line())) {
                Polyline way = line(route);
                if (light.screens().isPresent()) {
                    way.getStyleClass().add("dimmed");
                }
                drawn.add(way);
            }
        }
        String style = light.screens().isPresent() ? light.style() : "of-chosen";
        for (Route route : strong) {
            Polyline way = line(route);
            way.getStyleClass().add(style);
            drawn.add(way);
        }
        for (Route route : strong) {
            drawn.add(head(route, style));
        }
        getChildren().setAll(drawn);
    }

    /** A walk may go back, where there is no link. */
    private List<Chart.Line> looked() {
        return light.lines().stream()
                .map(pair -> chart.ways().stream()
                        .filter(line -> MapLight.Pair.of(line).equals(pair))
                        .findFirst()
                        .orElse(new Chart.Line(pair.from(), pair.to(), false)))
                .toList();
    }

    private Polyline line(Route route) {
        Polyline way = new Polyline();
        for (Route.Point point : route.points()) {
            way.getPoints().addAll(Math.rint(point.x()) + 0.5, Math.rint(point.y()) + 0.5);
        }
        way.getStyleClass().add("way");
        if (route.line().above()) {
            way.getStyleClass().add("above");
        }
        if (!linked.contains(route.line())) {
            way.getStyleClass().add("going-back");
        }
        return way;
    }

    /** Where it arrives, so that in and out are told apart. */
    private static Polygon head(Route route, String style) {
        Route.Point end = route.points().getLast();
        double x = Math.rint(end.x());
        double y = Math.rint(end.y()) + 0.5;
        Polygon head = new Polygon(x, y, x - HEAD, y - HEAD_HALF, x - HEAD, y + HEAD_HALF);
        head.getStyleClass().addAll("way-head", style);
        return head;
    }
}
