/** Edits of links: making, changing, removing, their branches; which screens to offer as a target. */
@NullMarked
package pandel.core.edit.link;

import org.jspecify.annotations.NullMarked;
