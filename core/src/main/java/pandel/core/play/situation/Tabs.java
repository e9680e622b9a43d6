package pandel.core.play.situation;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pandel.core.model.frame.InTab;

/**
 * A visit of a tab set, told at the root of the tab that is shown.
 *
 * @param in the set and the tab that is shown
 * @param kept the trails of other tabs that survive, by the tab's id, each root first; without what this and outer sets
 *     say of the root
 */
public record Tabs(InTab in, Map<String, List<Visit>> kept) {

    public Tabs {
        kept = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(kept));
    }
}
