package pandel.core.play;

import pandel.core.play.situation.Situation;

/** The situation after an event, and what happened. */
public record Stepped(Situation situation, Happening happening) {}
