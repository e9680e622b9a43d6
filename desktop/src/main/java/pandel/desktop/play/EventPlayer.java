package pandel.desktop.play;

import pandel.core.model.link.Event;
import pandel.core.play.Happening;

/** Plays one event, and says what came of it. */
@FunctionalInterface
interface EventPlayer {

    Happening play(Event event);
}
