/**
 * From screens and links to what can be done at a cell: which facts and values make a difference ({@code Relevance}),
 * cells, the turns at each by the rules of play alone, and the cell that each leads to. In goes a prototype and a
 * device, out come tables that are made when first asked for. Knows nothing of searching.
 */
@NullMarked
package pandel.core.check.compile;

import org.jspecify.annotations.NullMarked;
