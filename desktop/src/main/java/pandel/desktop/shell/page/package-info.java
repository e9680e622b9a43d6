/** Pages above everything that show what a prototype has as a whole, and preferences. */
@NullMarked
package pandel.desktop.shell.page;

import org.jspecify.annotations.NullMarked;
