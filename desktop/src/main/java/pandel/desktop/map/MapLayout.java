package pandel.desktop.map;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import pandel.core.chart.Chart;
import pandel.core.model.Screen;

/**
 * Where each chip stands in a given height: bands from left to right, a band that is too long wrapped within itself.
 */
record MapLayout(Map<String, Spot> spots, List<Band> bands, double width) {

    static final double CHIP = 128;
    static final double CHIP_HIGH = 28;
    private static final double TOP = 48;
    private static final double ROW = 44;
    private static final double GAP = 88;
    private static final double CLOSEST = 44;
    private static final double WRAP = CHIP + 24;
    private static final double EDGE = 24;

    /** The upper left corner of a chip. */
    record Spot(double x, double y) {
    }

    /** A band's ground and its words. */
    record Band(List<Node> nodes) {
    }

    /** @param room px that are there in width; bands stand closer together where that makes them fit */
    static MapLayout of(Chart chart, double room, double height) {
        int rows = (int) Math.max(1, Math.floor((height - TOP - 16) / ROW));
        Map<String, Spot> spots = new LinkedHashMap<>();
        List<Band> bands = new ArrayList<>();
        int across = chart.bands().stream().mapToInt(b -> (b.screens().size() + rows - 1) / rows).sum();
        double chips = CHIP * chart.bands().size() + WRAP * (across - chart.bands().size());
        double gap = Math.clamp((room - 2 * EDGE - chips) / Math.max(1, chart.bands().size() - 1), CLOSEST, GAP);
        double x = EDGE;
        for (int b = 0; b < chart.bands().size(); b++) {
            Chart.Band band = chart.bands().get(b);
            int n = band.screens().size();
            int columns = (n + rows - 1) / rows;
            int each = (n + columns - 1) / columns;
            double inner = height - TOP - 16;
            double step = Math.min(ROW * 1.6, inner / each);
            double top = TOP + (inner - step * each) / 2 + (step - CHIP_HIGH) / 2;
            for (int i = 0; i < n; i++) {
                spots.put(band.screens().get(i).id(), new Spot(x + WRAP * (i / each), Math.rint(top + step * (i % each))));
            }
            double wide = CHIP + WRAP * (columns - 1);
            bands.add(new Band(words(band, x, wide, height, b % 2 == 0)));
            x += wide + gap;
        }
        return new MapLayout(spots, bands, x - gap + EDGE);
    }

    private static List<Node> words(Chart.Band band, double x, double wide, double height, boolean shaded) {
        List<Node> nodes = new ArrayList<>();
        if (shaded) {
            Region ground = new Region();
            ground.getStyleClass().add("map-band");
            ground.setManaged(false);
            ground.resizeRelocate(x - 12, 36, wide + 24, height - 36 - 8);
            nodes.add(ground);
        }
        Label steps = new Label(band.steps() == 0 ? "Start" : band.steps() == 1 ? "1 step" : band.steps() + " steps");
        steps.getStyleClass().addAll("strong", "small");
        steps.relocate(x, 14);
        Label count = new Label(band.screens().size() == 1 ? "1 screen" : band.screens().size() + " screens");
        count.getStyleClass().addAll("quiet", "small");
        count.relocate(x + 72, 14);
        nodes.add(steps);
        nodes.add(count);
        return nodes;
    }

    /** The screen that many bands and rows away from one. */
    static Optional<String> neighbour(Chart chart, String id, int bands, int rows) {
        for (int b = 0; b < chart.bands().size(); b++) {
            List<String> ids = chart.bands().get(b).screens().stream().map(Screen::id).toList();
            int row = ids.indexOf(id);
            if (row >= 0) {
                int band = Math.clamp(b + bands, 0, chart.bands().size() - 1);
                List<Screen> there = chart.bands().get(band).screens();
                double share = (row + 0.5) / ids.size();
                int to = bands == 0 ? row + rows : (int) Math.floor(share * there.size());
                return Optional.of(there.get(Math.clamp(to, 0, there.size() - 1)).id());
            }
        }
        return chart.bands().stream().findFirst().map(band -> band.screens().getFirst().id());
    }
}
