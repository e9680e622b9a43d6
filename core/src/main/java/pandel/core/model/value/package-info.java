/**
 * Values, the facts that hold them, and what reads them: sources and conditions. What names stand for is asked of a
 * {@link ValueScope}. It knows of no links or screens.
 */
@NullMarked
package pandel.core.model.value;

import org.jspecify.annotations.NullMarked;
