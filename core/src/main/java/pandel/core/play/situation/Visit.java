package pandel.core.play.situation;

import java.util.List;
import java.util.Optional;
import pandel.core.model.frame.AtPage;
import pandel.core.model.link.Motion;
import pandel.core.model.value.PlaceMemory;

/**
 * A place on a trail: a visit of a screen, or of a sequence.
 *
 * @param screen id of the screen; of a sequence that of the page it stands on
 * @param held what it was given, and what was typed in it
 * @param brought the motion that brought it, played in reverse when it goes
 * @param scroll px that the screen is scrolled down
 * @param at where a sequence stands; empty for a screen alone
 * @param inside how many tab sets it is in
 * @param tabs the visits of tab sets in which it is the root of the tab shown, the outermost first
 */
public record Visit(
        String screen,
        PlaceMemory held,
        Motion brought,
        double scroll,
        Optional<AtPage> at,
        int inside,
        List<Tabs> tabs) {

    public Visit {
        tabs = List.copyOf(tabs);
    }

    /** A visit in no tab set. */
    public Visit(String screen, PlaceMemory held, Motion brought, double scroll, Optional<AtPage> at) {
        this(screen, held, brought, scroll, at, 0, List.of());
    }

    /** A visit of a screen alone. */
    public Visit(String screen, PlaceMemory held, Motion brought, double scroll) {
        this(screen, held, brought, scroll, Optional.empty());
    }

    /** A visit that was given nothing. */
    public Visit(String screen, Motion brought, double scroll) {
        this(screen, PlaceMemory.NONE, brought, scroll);
    }

    public Visit scrolledTo(double px) {
        return new Visit(screen, held, brought, px, at, inside, tabs);
    }

    /** The same, having been given or having typed in it something else. */
    public Visit holding(PlaceMemory other) {
        return new Visit(screen, other, brought, scroll, at, inside, tabs);
    }

    /** The same as the root in other visits of tab sets. */
    public Visit rootIn(List<Tabs> others) {
        return new Visit(screen, held, brought, scroll, at, inside, others);
    }

    /** The same in so many tab sets. */
    public Visit inside(int many) {
        return new Visit(screen, held, brought, scroll, at, many, tabs);
    }

    /** Whether <i>return to</i> finds it by an id: its screen's, or its sequence's. */
    public boolean isNamed(String id) {
        return screen.equals(id) || at.filter(a -> a.sequence().equals(id)).isPresent();
    }
}
