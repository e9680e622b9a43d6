/**
 * Documents and files: new, open, save, leave, recover; pictures taken in, placed and replaced. Reading and writing
 * happen off the interface thread, each for its own document.
 */
@NullMarked
package pandel.desktop.shell.file;

import org.jspecify.annotations.NullMarked;
