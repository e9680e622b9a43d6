package pandel.core.play;

import pandel.core.model.Device;
import pandel.core.model.Facts;

/**
 * All that rules look at: finite, however long the trail.
 *
 * @param screen id of the current screen
 * @param level  what the top level is
 * @param first  whether nothing lies behind the current place on its level
 * @param back   whether named screens lie behind or beneath
 * @param facts  what is remembered
 * @param levels how many levels there are, the base included; looked at only where the device shows so many and no more
 */
public record Head(Device device, String screen, LevelKind level, boolean first, Lookback back, Facts facts, int levels) {
}
