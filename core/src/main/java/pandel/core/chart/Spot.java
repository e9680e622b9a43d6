package pandel.core.chart;

/**
 * A screen's place on the map, in px.
 *
 * @param onShoulder whether it stands on another's shoulder
 */
public record Spot(double x, double y, double wide, double high, boolean onShoulder) {
    public double middle() {
        return y + high / 2;
    }

    Spot to(double left, double wider) {
        return new Spot(left + x, y, wide + wider, high, onShoulder);
    }
}
