/** Frames, the places people move in, edited as what they are. */
@NullMarked
package pandel.desktop.frames;

import org.jspecify.annotations.NullMarked;
