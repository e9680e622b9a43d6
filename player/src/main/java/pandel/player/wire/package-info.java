/** The model's records as one row of numbers, for where nothing can be asked of a record at run time. */
@NullMarked
package pandel.player.wire;

import org.jspecify.annotations.NullMarked;
