/** Copies of screens, here and from another prototype. */
@NullMarked
package pandel.core.edit.copy;

import org.jspecify.annotations.NullMarked;
