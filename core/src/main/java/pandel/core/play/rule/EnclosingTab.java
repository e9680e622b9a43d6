package pandel.core.play.rule;

import java.util.Map;
import pandel.core.model.value.Value;

/**
 * A tab set around the current place.
 *
 * @param set its id
 * @param tab id of the tab that is shown
 * @param offered what was carried to it
 * @param root whether the current place is the root of that tab
 */
public record EnclosingTab(String set, String tab, Map<String, Value> offered, boolean root) {}
