package pandel.core.play;

import pandel.core.model.Held;
import pandel.core.model.Motion;

/**
 * A place on a trail: a visit of a screen.
 *
 * @param screen  its id
 * @param held    what it was given, and what was typed in it
 * @param brought the motion that brought it, played in reverse when it goes
 * @param scroll  px that the screen is scrolled down
 */
public record Visit(String screen, Held held, Motion brought, double scroll) {

    /** A visit that was given nothing. */
    public Visit(String screen, Motion brought, double scroll) {
        this(screen, Held.NONE, brought, scroll);
    }

    public Visit scrolledTo(double px) {
        return new Visit(screen, held, brought, px);
    }

    /** The same, having been given or having typed in it something else. */
    public Visit holding(Held other) {
        return new Visit(screen, other, brought, scroll);
    }
}
