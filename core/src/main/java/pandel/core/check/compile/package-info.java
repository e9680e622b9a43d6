/**
 * From what can be done at cells to a pushdown system in numbers: heads, valuations of the facts, and for each a table
 * of rules, made when first asked for, shared by all that are alike and kept over an edit that leaves them as they are.
 * In goes a prototype and a device, out comes a {@code PushdownSystem}. Knows nothing of searching.
 */
@NullMarked
package pandel.core.check.compile;

import org.jspecify.annotations.NullMarked;
