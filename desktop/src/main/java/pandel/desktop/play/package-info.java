/** The fourth stage: the prototype as it behaves. */
@NullMarked
package pandel.desktop.play;

import org.jspecify.annotations.NullMarked;
