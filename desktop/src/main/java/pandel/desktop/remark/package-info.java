/** Remarks: written, read where they are pinned, and as a list. */
@NullMarked
package pandel.desktop.remark;

import org.jspecify.annotations.NullMarked;
