package pandel.files.settings;

/**
 * Where a window was left.
 *
 * @param x of its left edge, in interface px, when it did not fill the monitor
 * @param y of its top edge
 * @param width more than 0
 * @param height more than 0
 * @param filling whether it filled the monitor
 */
public record WindowPlace(double x, double y, double width, double height, boolean filling) {

    /** Nothing larger or farther away than this is a monitor's. */
    private static final double FARTHEST = 100_000;

    /** Whether a window could ever have been there; a file may say anything. */
    public boolean isPossible() {
        return Math.abs(x) < FARTHEST
                && Math.abs(y) < FARTHEST
                && width >= 1
                && height >= 1
                && width < FARTHEST
                && height < FARTHEST;
    }
}
