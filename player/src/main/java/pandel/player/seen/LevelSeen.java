package pandel.player.seen;

import java.util.List;
import java.util.Optional;
import pandel.core.model.screen.Area;

/**
 * One level.
 *
 * @param key the same as long as the same look of the same place is shown
 * @param overlay whether it lies over others
 * @param shade percent by which it dims what lies beneath
 * @param room where its page stands
 * @param foot what a sequence lays over the page
 * @param strips of the tab sets around it
 * @param sets ids of those sets
 * @param sequence id of the sequence that it is a page of
 * @param header over it
 * @param staying drawers that are always there
 * @param list beside it
 * @param touches hotspots and fields
 */
public record LevelSeen(
        String key,
        boolean overlay,
        int shade,
        Area room,
        PageSeen page,
        Panel foot,
        List<Panel> strips,
        String sets,
        String sequence,
        Optional<Panel> header,
        List<Panel> staying,
        Optional<LevelSeen> list,
        List<Touchable> touches) {}
