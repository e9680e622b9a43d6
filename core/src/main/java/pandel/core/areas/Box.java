package pandel.core.areas;

import pandel.core.model.screen.Area;

/** A rectangle of whole pixels; its right and bottom edges are outside. */
record Box(int left, int top, int right, int bottom) {

    int width() {
        return right - left;
    }

    int height() {
        return bottom - top;
    }

    long size() {
        return (long) width() * height();
    }

    int middleX() {
        return (left + right) / 2;
    }

    int middleY() {
        return (top + bottom) / 2;
    }

    boolean contains(int x, int y) {
        return x >= left && x < right && y >= top && y < bottom;
    }

    boolean contains(Box other) {
        return other.left >= left && other.right <= right && other.top >= top && other.bottom <= bottom;
    }

    Box with(Box other) {
        return new Box(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }

    /** What both have in common; nothing of it lies outside the other. */
    Box within(Box other) {
        return new Box(
                Math.clamp(left, other.left, other.right),
                Math.clamp(top, other.top, other.bottom),
                Math.clamp(right, other.left, other.right),
                Math.clamp(bottom, other.top, other.bottom));
    }

    /** Whether another has its width and height, but for so many px. */
    boolean isAsLargeAs(Box other, int near) {
        return Math.abs(width() - other.width()) <= near && Math.abs(height() - other.height()) <= near;
    }

    /** px of height that both have in common; below 0 the gap between them. */
    int besides(Box other) {
        return Math.min(bottom, other.bottom) - Math.max(top, other.top);
    }

    /** px of width that both have in common; below 0 the gap between them. */
    int above(Box other) {
        return Math.min(right, other.right) - Math.max(left, other.left);
    }

    /** What both have in common over what they cover together, 0 to 1 (intersection over union). */
    double likeness(Box other) {
        long common = (long) Math.max(0, besides(other)) * Math.max(0, above(other));
        return common == 0 ? 0 : (double) common / (size() + other.size() - common);
    }

    /**
     * The same in px of a mock.
     *
     * @param pixel px for each pixel
     */
    Area area(double pixel) {
        return new Area(left * pixel, top * pixel, width() * pixel, height() * pixel);
    }
}
