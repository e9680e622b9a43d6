package pandel.core.play;

import java.util.Map;
import pandel.core.model.Device;
import pandel.core.model.Known;
import pandel.core.model.Value;

/**
 * All that rules look at: finite, however long the trail.
 *
 * @param screen id of the current screen
 * @param level  what the top level is
 * @param first  whether nothing lies behind the current place on its level
 * @param back   whether named screens lie behind or beneath
 * @param known  what is remembered, given and typed
 * @param levels how many levels there are, the base included; looked at only where the device shows so many and no more
 */
public record Head(Device device, String screen, LevelKind level, boolean first, Lookback back, Known known, int levels) {

    /** The same at the touch of a row. */
    public Head atRow(Map<String, Value> row) {
        return row.isEmpty() ? this : new Head(device, screen, level, first, back, known.atRow(row), levels);
    }
}
