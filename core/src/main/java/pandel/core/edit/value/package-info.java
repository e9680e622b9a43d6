/** Edits of facts and of what links carry; and the words in which people type them. */
@NullMarked
package pandel.core.edit.value;

import org.jspecify.annotations.NullMarked;
