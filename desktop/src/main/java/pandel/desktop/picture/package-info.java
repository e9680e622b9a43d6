/** Pictures on the screen: decoded off the interface thread, at the size they are shown. */
@NullMarked
package pandel.desktop.picture;

import org.jspecify.annotations.NullMarked;
