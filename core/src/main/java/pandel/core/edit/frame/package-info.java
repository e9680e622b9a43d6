/** Edits of tab sets, sequences, drawers and pairs. */
@NullMarked
package pandel.core.edit.frame;

import org.jspecify.annotations.NullMarked;
