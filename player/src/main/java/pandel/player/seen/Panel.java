package pandel.player.seen;

import java.util.List;
import pandel.core.model.screen.Area;

/**
 * What lies over a page: a strip, a header, a drawer.
 *
 * @param name what it is called for who does not see it
 * @param at in px of the device; what goes beyond is cut
 * @param marks the later above the earlier
 */
public record Panel(String name, Area at, List<Mark> marks, List<Touchable> touches) {
    public Panel {
        marks = List.copyOf(marks);
        touches = List.copyOf(touches);
    }
}
