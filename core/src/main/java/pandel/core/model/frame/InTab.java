package pandel.core.model.frame;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import pandel.core.model.value.Value;

/**
 * The tab of a set in which a place is the root.
 *
 * @param set id of the tab set
 * @param tab id of its tab
 * @param offered what was carried to the set, by name: each root takes of it what it expects
 */
@RecordBuilder
public record InTab(String set, String tab, Map<String, Value> offered) {

    public InTab {
        offered = offered.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(offered));
    }
}
