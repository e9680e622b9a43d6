/**
 * What a state is to the checks, and what can be done at one. In goes a {@code Cell} (the frame in front, and of what
 * lies behind it as much as the rules of play look at), out come the {@code Turns} that play has there by its rules
 * alone, and the cell that each leads to. Uses {@code relevance}; knows nothing of searching.
 */
@NullMarked
package pandel.core.check.turn;

import org.jspecify.annotations.NullMarked;
