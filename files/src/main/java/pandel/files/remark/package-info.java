/** Remarks in a file of their own, as they go out and come back. */
@NullMarked
package pandel.files.remark;

import org.jspecify.annotations.NullMarked;
