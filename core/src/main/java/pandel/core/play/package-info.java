/**
 * How a prototype behaves: one pure, total function {@link Step} from a situation and an event to the next situation
 * and what happened; what can be done; and the tape of one play. It uses the rules, the situation and the layout
 * beneath; no clock, no files.
 */
@NullMarked
package pandel.core.play;

import org.jspecify.annotations.NullMarked;
