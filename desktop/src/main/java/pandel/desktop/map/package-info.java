/** The third stage: all screens by steps from the entry. */
@NullMarked
package pandel.desktop.map;

import org.jspecify.annotations.NullMarked;
