package pandel.core.model.screen;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** What areas leave of another that lies under them: the grid of all their edges is looked at cell by cell. */
public final class Covering {

    private final List<Double> xs;
    private final List<Double> ys;
    /** By column and row of the grid, whether something lies over the cell. */
    private final boolean[][] over;

    private Covering(List<Area> near, Area area) {
        TreeSet<Double> columns = new TreeSet<>(List.of(area.x(), area.right()));
        TreeSet<Double> rows = new TreeSet<>(List.of(area.y(), area.bottom()));
        near.forEach(a -> {
            columns.add(Math.clamp(a.x(), area.x(), area.right()));
            columns.add(Math.clamp(a.right(), area.x(), area.right()));
            rows.add(Math.clamp(a.y(), area.y(), area.bottom()));
            rows.add(Math.clamp(a.bottom(), area.y(), area.bottom()));
        });
        xs = List.copyOf(columns);
        ys = List.copyOf(rows);
        over = new boolean[xs.size() - 1][ys.size() - 1];
        for (int i = 0; i < over.length; i++) {
            for (int j = 0; j < over[i].length; j++) {
                double x = (xs.get(i) + xs.get(i + 1)) / 2;
                double y = (ys.get(j) + ys.get(j + 1)) / 2;
                over[i][j] = near.stream().anyMatch(a -> a.contains(x, y));
            }
        }
    }

    private static List<Area> near(List<Area> over, Area area) {
        return over.stream().filter(area::overlaps).toList();
    }

    /** Whether areas together lie over all of another. */
    public static boolean covers(List<Area> over, Area area) {
        List<Area> near = near(over, area);
        if (near.isEmpty()) {
            return false;
        }
        for (boolean[] column : new Covering(near, area).over) {
            for (boolean covered : column) {
                if (!covered) {
                    return false;
                }
            }
        }
        return true;
    }

    /**
     * The part of an area with the longest short side over which none of the others lies; empty where all is covered.
     */
    public static List<Area> left(List<Area> over, Area area) {
        List<Area> near = near(over, area);
        if (near.isEmpty()) {
            return List.of(area);
        }
        Covering grid = new Covering(near, area);
        List<Area> best = new ArrayList<>();
        for (int i = 0; i < grid.over.length; i++) {
            for (int j = 0; j < grid.over[i].length; j++) {
                grid.grow(i, j, best);
            }
        }
        return best;
    }

    /** Every free part with its corner at a cell, in place of the best there is where it is better. */
    private void grow(int column, int row, List<Area> best) {
        int lowest = over[column].length;
        for (int i = column; i < over.length; i++) {
            for (int j = row; j < lowest; j++) {
                if (over[i][j]) {
                    lowest = j;
                }
            }
            if (lowest == row) {
                return;
            }
            Area free =
                    new Area(xs.get(column), ys.get(row), xs.get(i + 1) - xs.get(column), ys.get(lowest) - ys.get(row));
            if (best.isEmpty() || side(free) > side(best.getFirst())) {
                best.clear();
                best.add(free);
            }
        }
    }

    private static double side(Area area) {
        return Math.min(area.width(), area.height());
    }
}
