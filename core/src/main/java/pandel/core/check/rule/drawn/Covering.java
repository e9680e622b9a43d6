package pandel.core.check.rule.drawn;

import java.util.List;
import java.util.TreeSet;
import pandel.core.model.screen.Area;

/** Whether areas together lie over all of another: the grid of all their edges is looked at cell by cell. */
public final class Covering {

    private Covering() {}

    static boolean covers(List<Area> over, Area area) {
        List<Area> near = over.stream()
                .filter(a ->
                        a.x() < area.right() && a.right() > area.x() && a.y() < area.bottom() && a.bottom() > area.y())
                .toList();
        if (near.isEmpty()) {
            return false;
        }
        TreeSet<Double> xs = new TreeSet<>(List.of(area.x(), area.right()));
        TreeSet<Double> ys = new TreeSet<>(List.of(area.y(), area.bottom()));
        near.forEach(a -> {
            xs.add(Math.clamp(a.x(), area.x(), area.right()));
            xs.add(Math.clamp(a.right(), area.x(), area.right()));
            ys.add(Math.clamp(a.y(), area.y(), area.bottom()));
            ys.add(Math.clamp(a.bottom(), area.y(), area.bottom()));
        });
        for (Double x = xs.first(); xs.higher(x) != null; x = xs.higher(x)) {
            for (Double y = ys.first(); ys.higher(y) != null; y = ys.higher(y)) {
                double mx = (x + xs.higher(x)) / 2;
                double my = (y + ys.higher(y)) / 2;
                if (near.stream().noneMatch(a -> a.contains(mx, my))) {
                    return false;
                }
            }
        }
        return true;
    }
}
