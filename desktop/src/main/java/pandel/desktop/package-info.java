/** The window. */
@NullMarked
package pandel.desktop;

import org.jspecify.annotations.NullMarked;
