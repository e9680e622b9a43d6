package pandel.desktop.map;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.shape.Polyline;
import pandel.core.chart.Chart;
import pandel.desktop.map.MapLayout.Spot;

/**
 * The ways between chips. Those one step further are always drawn: straight out, up or down in a channel that each chip
 * has for itself in the gap, straight in, so that one can be followed by eye. Those of the chosen screen, and those
 * that are looked at, are drawn strong, whithersoever they lead.
 */
final class MapWays {

    /** Px a line goes out of its way for chips. */
    private static final int AROUND = 160;

    private final MapLayout layout;
    private final Map<String, Double> channels = new HashMap<>();

    private MapWays(Chart chart, MapLayout layout) {
        this.layout = layout;
        channels(chart);
    }

    static List<Node> draw(Chart chart, MapLayout layout, MapLight light, String chosen) {
        MapWays ways = new MapWays(chart, layout);
        List<Node> quiet = new ArrayList<>();
        List<Node> strong = new ArrayList<>();
        Set<MapLight.Pair> wanted = new LinkedHashSet<>(light.lines());
        boolean lit = light.screens().isPresent();
        for (Chart.Line line : chart.ways()) {
            Spot from = layout.spots().get(line.from());
            Spot to = layout.spots().get(line.to());
            if (from == null
                    || to == null
                    || to.onShoulder()
                            && to.x() - 40 < from.x()
                            && from.x() < to.x() + 40
                            && from.y() < to.y()
                            && to.y() < from.y() + 240) {
                wanted.remove(MapLight.Pair.of(line));
                continue;
            }
            boolean looked = wanted.remove(MapLight.Pair.of(line));
            boolean ofChosen = !lit
                    && layout.blocks().isEmpty()
                    && (line.from().equals(chosen) || line.to().equals(chosen));
            if (looked
                    || ofChosen
                    || to.x() > from.x() + from.wide() && layout.blocks().isEmpty()) {
                Polyline way = ways.way(line.from(), from, to);
                way.getStyleClass().add("way");
                if (line.above()) {
                    way.getStyleClass().add("above");
                }
                if (looked) {
                    way.getStyleClass().add(light.style());
                } else if (ofChosen) {
                    way.getStyleClass().add("of-chosen");
                } else if (lit) {
                    way.getStyleClass().add("dimmed");
                }
                (looked || ofChosen ? strong : quiet).add(way);
            }
        }
        // What goes back has no line of its own, but a walk may follow it.
        for (MapLight.Pair pair : wanted) {
            Spot from = layout.spots().get(pair.from());
            Spot to = layout.spots().get(pair.to());
            if (from != null && to != null) {
                Polyline way = ways.way(pair.from(), from, to);
                way.getStyleClass().addAll("way", light.style(), "going-back");
                strong.add(way);
            }
        }
        quiet.addAll(strong);
        quiet.forEach(node -> node.setMouseTransparent(true));
        return quiet;
    }

    /** A channel for each chip with ways to the right, in the gap behind its band, from the top down. */
    private void channels(Chart chart) {
        Map<Double, List<String>> sources = new LinkedHashMap<>();
        chart.ways().stream()
                .map(Chart.Line::from)
                .distinct()
                .filter(layout.spots()::containsKey)
                .filter(id -> chart.ways().stream()
                        .anyMatch(l -> l.from().equals(id) && layout.spots().containsKey(l.to()) && right(id, l.to())))
                .sorted((a, b) -> Double.compare(
                        Objects.requireNonNull(layout.spots().get(a)).y(),
                        Objects.requireNonNull(layout.spots().get(b)).y()))
                .forEach(id -> sources.computeIfAbsent(
                                band(Objects.requireNonNull(layout.spots().get(id))), k -> new ArrayList<>())
                        .add(id));
        sources.forEach((edge, ids) -> {
            double apart = Math.min(8, 28.0 / ids.size());
            for (int i = 0; i < ids.size(); i++) {
                channels.put(ids.get(i), edge + 12 + apart * i);
            }
        });
    }

    private boolean right(String from, String to) {
        return Objects.requireNonNull(layout.spots().get(to)).x()
                > Objects.requireNonNull(layout.spots().get(from)).x();
    }

    /** The right edge of the band a spot stands in. */
    private double band(Spot spot) {
        return layout.bands().stream()
                .filter(b -> spot.x() >= b.x() - 1 && spot.x() <= b.x() + b.wide())
                .mapToDouble(b -> b.x() + b.wide())
                .findFirst()
                .orElse(spot.x() + spot.wide());
    }

    /** The height nearest to one at which a line from left to right runs through no chip. */
    private double clear(double y, double left, double right) {
        List<Spot> between = layout.spots().values().stream()
                .filter(s -> s.x() < right && s.x() + s.wide() > left)
                .toList();
        for (int away = 0; away < AROUND; away += 4) {
            for (double tried : new double[] {y + away, y - away}) {
                if (between.stream().noneMatch(s -> tried > s.y() - 4 && tried < s.y() + s.high() + 4)) {
                    return tried;
                }
            }
        }
        return y;
    }

    private Polyline way(String id, Spot from, Spot to) {
        double y1 = from.middle();
        double y2 = to.middle();
        if (to.x() > from.x() + from.wide()) {
            double channel = channels.getOrDefault(id, band(from) + 18);
            double clear = clear(y2, channel + 4, to.x() - 20);
            double turn = to.x() - 14;
            return clear == y2
                    ? new Polyline(from.x() + from.wide(), y1, channel, y1, channel, y2, to.x(), y2)
                    : new Polyline(
                            from.x() + from.wide(), y1, channel, y1, channel, clear, turn, clear, turn, y2, to.x(), y2);
        }
        if (Math.abs(to.x() - from.x()) < 40) {
            double x = from.x() + from.wide();
            return new Polyline(x, y1, x + 10, y1, x + 10, y2, to.x() + to.wide(), y2);
        }
        double x2 = to.x() + to.wide();
        double clear = clear((y1 + y2) / 2, x2 + 12, from.x() - 12);
        return new Polyline(from.x(), y1, from.x() - 10, y1, from.x() - 10, clear, x2 + 10, clear, x2 + 10, y2, x2, y2);
    }
}
