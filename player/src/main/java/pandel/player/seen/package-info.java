/**
 * What is to be drawn at a moment, in px of the device: plain lists of marks, so that what draws them decides nothing.
 */
@NullMarked
package pandel.player.seen;

import org.jspecify.annotations.NullMarked;
