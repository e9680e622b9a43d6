/** Screens on their way from one window to another. */
@NullMarked
package pandel.files.clip;

import org.jspecify.annotations.NullMarked;
