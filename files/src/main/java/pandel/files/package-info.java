/** Reading and writing, for the window and the command line alike. */
@NullMarked
package pandel.files;

import org.jspecify.annotations.NullMarked;
