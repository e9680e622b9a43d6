/** Where play can begin: entries and start points. */
@NullMarked
package pandel.core.model.start;

import org.jspecify.annotations.NullMarked;
