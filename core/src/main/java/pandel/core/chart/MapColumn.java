package pandel.core.chart;

import java.util.List;
import java.util.Map;

/** What stands below one another on the map, as if the column began at the left edge. */
record MapColumn(
        double wide, Map<String, MapLayout.Spot> placed, List<MapLayout.Block> blocks, List<Routing.Cell> cells) {

    MapColumn asWideAs(double least) {
        return new MapColumn(Math.max(wide, least), placed, blocks, cells);
    }
}
