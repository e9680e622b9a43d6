/**
 * What is wrong with a prototype, proved: what can be shown comes with the shortest list of events that shows it,
 * everything else is ruled out for use of any length.
 */
@NullMarked
package pandel.core.check;

import org.jspecify.annotations.NullMarked;
