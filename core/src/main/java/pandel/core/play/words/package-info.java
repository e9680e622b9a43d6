/** Links and what stands around them, in words for people. */
@NullMarked
package pandel.core.play.words;

import org.jspecify.annotations.NullMarked;
