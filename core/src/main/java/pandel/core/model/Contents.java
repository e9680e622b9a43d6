package pandel.core.model;

import java.util.List;
import java.util.Optional;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Screen;

/** What can be led to, by id. */
public interface Contents {

    List<Screen> screens();

    Optional<Screen> screen(String id);

    /** How a screen is called where it is shown; its id when it is not there. */
    default String titleOf(String id) {
        return screen(id).map(Screen::shownTitle).orElse(id);
    }

    Optional<Sequence> sequence(String id);

    Optional<TabSet> tabSet(String id);
}
