package pandel.core.play;

import pandel.core.model.Motion;

/**
 * A place on a trail: a visit of a screen.
 *
 * @param screen  its id
 * @param brought the motion that brought it, played in reverse when it goes
 * @param scroll  px that the screen is scrolled down
 */
public record Visit(String screen, Motion brought, double scroll) {

    public Visit scrolledTo(double px) {
        return new Visit(screen, brought, px);
    }
}
