package pandel.player.seen;

import java.util.List;
import pandel.core.model.screen.Area;

/**
 * A mock as it stands.
 *
 * @param at in px of the device, scrolled as it is
 * @param picture its content; empty: it has none, and its title stands there
 * @param marks words laid on it and typed in it, in px from its own corner
 * @param top px at its top that stay put, drawn from {@code topAt}
 * @param foot px at its foot that stay put
 * @param topAt px from the device's top where the mock's own top would be for what stays put at the top
 * @param footAt the same for what stays put at the foot
 * @param hidden px of it that have gone beneath its own top, as a sheet's do
 */
public record PageSeen(
        Area at,
        String picture,
        String title,
        List<Mark> marks,
        double top,
        double foot,
        double topAt,
        double footAt,
        double hidden) {
    public PageSeen {
        marks = List.copyOf(marks);
    }
}
