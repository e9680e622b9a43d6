/** One edit of many links or screens at once. */
@NullMarked
package pandel.core.edit.bulk;

import org.jspecify.annotations.NullMarked;
