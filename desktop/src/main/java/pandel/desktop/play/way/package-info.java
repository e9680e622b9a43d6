/** The way that was played: the trail, the tape, and where it came to rest. */
@NullMarked
package pandel.desktop.play.way;

import org.jspecify.annotations.NullMarked;
