package pandel.player.seen;

/**
 * A drawer that is out.
 *
 * @param right whether it comes from the right
 * @param wide px that it comes
 * @param held what does not scroll
 * @param rows what scrolls, as it stands when it is not
 * @param seen px from the device's top down to where what scrolls ends
 * @param rolled px that its rows are scrolled
 * @param moves how it comes: covers, reveals, shifts, stays
 * @param rests px of the page's way besides its own width
 * @param shrinks percent that the page keeps of its size
 * @param shade percent
 * @param ms that it takes to come
 * @param easing as CSS names it
 */
public record DrawerSeen(
        String id,
        boolean right,
        double wide,
        Panel held,
        Panel rows,
        double seen,
        double rolled,
        String moves,
        double rests,
        double shrinks,
        double shade,
        double shadow,
        double round,
        String ground,
        int ms,
        String easing) {}
