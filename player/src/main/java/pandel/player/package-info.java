/** Plays a prototype in a browser: core's own step, told as what is to be drawn. */
@NullMarked
package pandel.player;

import org.jspecify.annotations.NullMarked;
