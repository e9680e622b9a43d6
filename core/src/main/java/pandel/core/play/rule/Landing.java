package pandel.core.play.rule;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.InTab;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.PlaceMemory;
import pandel.core.model.value.RowOrigin;
import pandel.core.model.value.Value;

/**
 * A place that something leads to.
 *
 * @param screen what is shown there first
 * @param given to that screen
 * @param begun what stands in its fields then, by id of the field's hotspot; for a sequence in those of all its pages
 * @param at where a sequence stands; empty: it is none
 * @param tabs the tab sets it is the root in, the outermost first; none: it is no tab set
 * @param from the row of a list that leads there; empty: none does
 * @param outside whether it is put on the trail that holds the outermost tab set
 */
public record Landing(
        Screen screen,
        Map<String, Value> given,
        Map<String, Value> begun,
        Optional<AtPage> at,
        List<InTab> tabs,
        Optional<RowOrigin> from,
        boolean outside) {

    /** One in whose fields nothing stands, and that no row leads to. */
    public Landing(Screen screen, Map<String, Value> given, Optional<AtPage> at, List<InTab> tabs, boolean outside) {
        this(screen, given, Map.of(), at, tabs, Optional.empty(), outside);
    }

    public Landing {
        tabs = List.copyOf(tabs);
    }

    /** What the new place holds. */
    public PlaceMemory held() {
        return PlaceMemory.of(given, begun, from);
    }

    Landing putOutside() {
        return new Landing(screen, given, begun, at, tabs, from, true);
    }

    /** Whether it leaves the tabs one is in: a tab set does, wherever it is said to go. */
    public boolean leavesTabs() {
        return outside || !tabs.isEmpty();
    }
}
