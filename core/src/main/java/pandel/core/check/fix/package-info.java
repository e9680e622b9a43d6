/** Fixes that more than one rule offers, as edits. */
@NullMarked
package pandel.core.check.fix;

import org.jspecify.annotations.NullMarked;
