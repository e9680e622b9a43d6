package pandel.core.edit.screen;

import pandel.core.model.screen.Area;

/**
 * Moving or resizing an area by dragging: from where it began, any distance gives the area there.
 *
 * @param start the area when the drag began
 * @param handle what of it is held
 */
public record AreaDrag(Area start, Handle handle, double mockWidth, double mockHeight) {

    /** The smallest side a drag leaves, in px. */
    public static final double SMALLEST = 8;

    /** The whole area, or one of its corners. */
    public enum Handle {
        WHOLE(0, 0),
        TOP_LEFT(-1, -1),
        TOP_RIGHT(1, -1),
        BOTTOM_LEFT(-1, 1),
        BOTTOM_RIGHT(1, 1);

        private final int x;
        private final int y;

        Handle(int x, int y) {
            this.x = x;
            this.y = y;
        }
    }

    /** The area after dragging that many px, kept on the mock. */
    public Area by(double dx, double dy) {
        if (handle == Handle.WHOLE) {
            return start.moved(dx, dy).within(mockWidth, mockHeight).rounded();
        }
        double left = handle.x < 0 ? Math.clamp(start.x() + dx, 0, Math.max(0, start.right() - SMALLEST)) : start.x();
        double right = handle.x > 0
                ? Math.clamp(start.right() + dx, start.x() + SMALLEST, Math.max(mockWidth, start.x() + SMALLEST))
                : start.right();
        double top = handle.y < 0 ? Math.clamp(start.y() + dy, 0, Math.max(0, start.bottom() - SMALLEST)) : start.y();
        double bottom = handle.y > 0
                ? Math.clamp(start.bottom() + dy, start.y() + SMALLEST, Math.max(mockHeight, start.y() + SMALLEST))
                : start.bottom();
        return Area.between(left, top, right, bottom).rounded();
    }
}
