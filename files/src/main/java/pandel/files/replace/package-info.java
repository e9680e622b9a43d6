/** Newer pictures set against those a prototype has. */
@NullMarked
package pandel.files.replace;

import org.jspecify.annotations.NullMarked;
