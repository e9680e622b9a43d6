/** Newer pictures set against those a prototype has, to confirm or correct. */
@NullMarked
package pandel.desktop.replace;

import org.jspecify.annotations.NullMarked;
