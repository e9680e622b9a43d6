/**
 * Everything true at one moment of play: levels with their trails, waits, facts, and what is asked of them. Immutable;
 * what puts and drops places costs no more for a long trail.
 */
@NullMarked
package pandel.core.play.situation;

import org.jspecify.annotations.NullMarked;
