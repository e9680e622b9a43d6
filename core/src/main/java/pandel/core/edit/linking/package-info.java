/**
 * What a link becomes when a person says where it leads or what it does: the decision alone, with no window. In come
 * the prototype, where the link stands and what was chosen before; out comes an edit, or why not.
 */
@NullMarked
package pandel.core.edit.linking;

import org.jspecify.annotations.NullMarked;
