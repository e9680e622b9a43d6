package pandel.desktop.map;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.shape.Polyline;
import pandel.core.chart.Chart;
import pandel.core.model.Screen;

/**
 * The ways between chips: those one step further are always drawn, straight out, across the gap, straight in; those of
 * the chosen screen are drawn strong, whithersoever they lead.
 */
final class MapWays {

    private static final int MOST_SCREENS = 200;

    private MapWays() {
    }

    static List<Node> draw(Chart chart, MapLayout layout, String chosen) {
        Map<String, Integer> band = new HashMap<>();
        chart.bands().forEach(b -> b.screens().stream().map(Screen::id).forEach(id -> band.put(id, b.steps())));
        boolean crowded = band.size() > MOST_SCREENS;
        List<Node> quiet = new ArrayList<>();
        List<Node> strong = new ArrayList<>();
        for (Chart.Line line : chart.ways()) {
            boolean ofChosen = line.from().equals(chosen) || line.to().equals(chosen);
            boolean further = band.get(line.to()) > band.get(line.from());
            if (ofChosen || further && !crowded) {
                Polyline way = way(layout.spots().get(line.from()), layout.spots().get(line.to()));
                way.getStyleClass().add("way");
                if (ofChosen) {
                    way.getStyleClass().add("of-chosen");
                }
                if (line.above()) {
                    way.getStyleClass().add("above");
                }
                way.setMouseTransparent(true);
                (ofChosen ? strong : quiet).add(way);
            }
        }
        quiet.addAll(strong);
        return quiet;
    }

    private static Polyline way(MapLayout.Spot from, MapLayout.Spot to) {
        double y1 = from.y() + MapLayout.CHIP_HIGH / 2;
        double y2 = to.y() + MapLayout.CHIP_HIGH / 2;
        if (to.x() > from.x()) {
            double x1 = from.x() + MapLayout.CHIP;
            return new Polyline(x1, y1, x1 + 18, y1, to.x() - 18, y2, to.x(), y2);
        }
        if (to.x() == from.x()) {
            double x = from.x() + MapLayout.CHIP;
            return new Polyline(x, y1, x + 12, y1, x + 12, y2, x, y2);
        }
        double x2 = to.x() + MapLayout.CHIP;
        return new Polyline(from.x(), y1, from.x() - 12, y1, x2 + 12, y2, x2, y2);
    }
}
