/**
 * How a prototype behaves: one pure, total function from a situation and an event to the next situation and what
 * happened. Rules turn a finite head and a link into trail actions; step and the checks both apply them.
 */
@NullMarked
package pandel.core.play;

import org.jspecify.annotations.NullMarked;
