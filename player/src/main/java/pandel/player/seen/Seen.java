package pandel.player.seen;

import java.util.List;
import java.util.Optional;
import pandel.core.model.screen.Area;

/**
 * All that is to be drawn at a moment.
 *
 * @param title of the current screen
 * @param width px of the device
 * @param height px of the device
 * @param left whether the prototype was left
 * @param levels the base first
 * @param drawer the one that is out
 * @param listed the actions of a header that do not fit, while they are listed
 * @param notice the passing message
 * @param busy where the sign of what is at work stands
 * @param back whether the device has a back of its own
 */
public record Seen(
        String title,
        double width,
        double height,
        boolean left,
        List<LevelSeen> levels,
        Optional<DrawerSeen> drawer,
        Optional<Panel> listed,
        Optional<NoticeSeen> notice,
        Optional<Area> busy,
        boolean back) {

    /**
     * A passing message.
     *
     * @param touch what is told when its action is touched
     * @param action empty: there is none
     */
    public record NoticeSeen(String words, String touch, String action) {}
}
