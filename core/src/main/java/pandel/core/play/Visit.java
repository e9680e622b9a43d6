package pandel.core.play;

import java.util.Optional;
import pandel.core.model.AtPage;
import pandel.core.model.Held;
import pandel.core.model.Motion;

/**
 * A place on a trail: a visit of a screen, or of a sequence.
 *
 * @param screen  id of the screen; of a sequence that of the page it stands on
 * @param held    what it was given, and what was typed in it
 * @param brought the motion that brought it, played in reverse when it goes
 * @param scroll  px that the screen is scrolled down
 * @param at      where a sequence stands; empty for a screen alone
 */
public record Visit(String screen, Held held, Motion brought, double scroll, Optional<AtPage> at) {

    /** A visit of a screen alone. */
    public Visit(String screen, Held held, Motion brought, double scroll) {
        this(screen, held, brought, scroll, Optional.empty());
    }

    /** A visit that was given nothing. */
    public Visit(String screen, Motion brought, double scroll) {
        this(screen, Held.NONE, brought, scroll);
    }

    public Visit scrolledTo(double px) {
        return new Visit(screen, held, brought, px, at);
    }

    /** The same, having been given or having typed in it something else. */
    public Visit holding(Held other) {
        return new Visit(screen, other, brought, scroll, at);
    }

    /** Whether <i>return to</i> finds it by an id: its screen's, or its sequence's. */
    public boolean isNamed(String id) {
        return screen.equals(id) || at.filter(a -> a.sequence().equals(id)).isPresent();
    }
}
