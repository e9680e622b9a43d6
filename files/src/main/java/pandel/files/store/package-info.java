/** Prototype files: a zip or a plain folder, with the pictures by content hash. */
@NullMarked
package pandel.files.store;

import org.jspecify.annotations.NullMarked;
