package pandel.core.chart;

import java.util.List;

/**
 * A way as it is drawn from one screen's place to another's: across and down by turns.
 *
 * @param points from the right edge of the first place to the left edge of the other, in px
 */
public record Route(Chart.Line line, List<Point> points) {

    /** In px from the map's left and top. */
    public record Point(double x, double y) {}

    public Route {
        points = List.copyOf(points);
    }
}
