package pandel.core.play.rule;

import java.util.List;
import java.util.Optional;
import pandel.core.model.device.Device;
import pandel.core.model.frame.AtPage;
import pandel.core.model.value.Known;
import pandel.core.model.value.TouchedRow;

/**
 * All that rules look at: finite, however long the trail.
 *
 * @param screen id of the current screen
 * @param at where the sequence stands that is the current place; empty: none is
 * @param around the tab sets around the current place, the outermost first
 * @param level what the top level is
 * @param first whether nothing lies behind the current place on its level
 * @param back whether named screens lie behind or beneath
 * @param known what is remembered, given and typed
 * @param levels how many levels there are, the base included; looked at only where the device shows so many and no more
 * @param width px the device is wide now
 * @param drawer id of the open drawer; empty: none is
 * @param beside id of the screen that stands beside the current one, a list or its detail, whose drawers open from here
 *     too; empty: none does
 */
public record Head(
        Device device,
        String screen,
        Optional<AtPage> at,
        List<EnclosingTab> around,
        LevelKind level,
        boolean first,
        StackQuery back,
        Known known,
        int levels,
        double width,
        Optional<String> drawer,
        Optional<String> beside) {

    /** The same with no drawer open. */
    public Head closed() {
        return drawer.isEmpty()
                ? this
                : new Head(
                        device, screen, at, around, level, first, back, known, levels, width, Optional.empty(), beside);
    }

    /**
     * The same with a screen standing beside the current one.
     *
     * @param screen its id
     */
    public Head beside(String screen) {
        return new Head(
                device, this.screen, at, around, level, first, back, known, levels, width, drawer, Optional.of(screen));
    }

    /**
     * The same at another screen in its place.
     *
     * @param other its id
     */
    public Head on(String other) {
        return new Head(device, other, at, around, level, first, back, known, levels, width, drawer, beside);
    }

    /** The same at the touch of a row. */
    public Head atRow(TouchedRow row) {
        return !row.isRow()
                ? this
                : new Head(
                        device,
                        screen,
                        at,
                        around,
                        level,
                        first,
                        back,
                        known.atRow(row),
                        levels,
                        width,
                        drawer,
                        beside);
    }
}
