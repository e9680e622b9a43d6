/**
 * What use of any length comes to: the exact search of the pushdown system, what could be at most, and the search that
 * shows as much of that as it can. In goes a prototype with what can be done at cells, out comes a {@code Solution}
 * that the rules read.
 */
@NullMarked
package pandel.core.check.solve;

import org.jspecify.annotations.NullMarked;
