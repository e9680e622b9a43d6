/** A device with what it shows, and how that moves. */
@NullMarked
package pandel.desktop.device;

import org.jspecify.annotations.NullMarked;
