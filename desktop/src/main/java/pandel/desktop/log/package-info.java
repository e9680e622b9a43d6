/** Where what happens inside the program is written to. */
@NullMarked
package pandel.desktop.log;

import org.jspecify.annotations.NullMarked;
