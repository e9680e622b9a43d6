/**
 * Which facts, given values, texts and screens make a difference to what can be done, so that all else is left out of a
 * state. In goes a prototype, out come sets to be asked. Knows nothing of states or of searching.
 */
@NullMarked
package pandel.core.check.relevance;

import org.jspecify.annotations.NullMarked;
