package pandel.core.play;

/** The situation after an event, and what happened. */
public record Stepped(Situation situation, Happening happening) {}
