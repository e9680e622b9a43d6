package pandel.core.chart;

import java.util.List;
import java.util.Map;

/**
 * What stands below one another on the map, as if the column began at the left edge.
 *
 * @param wanted px that it would be wide for all its titles to be whole
 */
record MapColumn(
        double wide, double wanted, Map<String, Spot> placed, List<MapLayout.Block> blocks, List<Routing.Cell> cells) {

    MapColumn asWideAs(double least) {
        return new MapColumn(Math.max(wide, least), wanted, placed, blocks, cells);
    }

    MapColumn wanting(double px) {
        return new MapColumn(wide, Math.max(wanted, px), placed, blocks, cells);
    }
}
