package pandel.core.model.screen;

/**
 * A rectangle on a mock, in px from the mock's upper left corner.
 *
 * @param width more than 0
 * @param height more than 0
 */
public record Area(double x, double y, double width, double height) {

    public Area {
        if (!(width > 0)
                || !(height > 0)
                || !Double.isFinite(x)
                || !Double.isFinite(y)
                || !Double.isFinite(width)
                || !Double.isFinite(height)) {
            throw new IllegalArgumentException("An area has a width and a height above 0: " + width + " × " + height);
        }
    }

    /** The smallest area that holds both corners, at least 1 px each way. */
    public static Area between(double x1, double y1, double x2, double y2) {
        return new Area(
                Math.min(x1, x2), Math.min(y1, y2), Math.max(1, Math.abs(x2 - x1)), Math.max(1, Math.abs(y2 - y1)));
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    /** Whether a point lies in it; its right and bottom edges are outside. */
    public boolean contains(double px, double py) {
        return px >= x && py >= y && px < right() && py < bottom();
    }

    /** Whether the middle of another lies in it. */
    public boolean containsMiddleOf(Area other) {
        return contains(other.x() + other.width() / 2, other.y() + other.height() / 2);
    }

    public Area moved(double dx, double dy) {
        return new Area(x + dx, y + dy, width, height);
    }

    /** The same area moved and, where it is too large, shrunk, so that it lies within a mock of that size. */
    public Area within(double mockWidth, double mockHeight) {
        double w = Math.min(width, mockWidth);
        double h = Math.min(height, mockHeight);
        return new Area(Math.clamp(x, 0, mockWidth - w), Math.clamp(y, 0, mockHeight - h), w, h);
    }

    /** The same area on whole px, so that files read well. */
    public Area rounded() {
        return new Area(Math.rint(x), Math.rint(y), Math.max(1, Math.rint(width)), Math.max(1, Math.rint(height)));
    }

    /** Whether another has more than an edge in common with it. */
    public boolean overlaps(Area other) {
        return other.x() < right() && other.right() > x() && other.y() < bottom() && other.bottom() > y();
    }
}
