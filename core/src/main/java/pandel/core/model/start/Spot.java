package pandel.core.model.start;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.InTab;
import pandel.core.model.value.PlaceMemory;

/**
 * A place of a start point: a screen, and what it was given and has typed in it.
 *
 * @param at where the sequence stands of which the screen is a page; empty for a screen alone
 * @param inside how many tab sets it is in
 * @param tabs the tabs it is the root of, the outermost first
 */
@RecordBuilder
public record Spot(String screen, PlaceMemory held, Optional<AtPage> at, int inside, List<InTab> tabs) {

    public Spot {
        tabs = List.copyOf(tabs);
    }

    /** A place of a screen alone, in no tab set. */
    public Spot(String screen, PlaceMemory held) {
        this(screen, held, Optional.empty(), 0, List.of());
    }

    public static Spot of(String screen) {
        return new Spot(screen, PlaceMemory.NONE);
    }
}
