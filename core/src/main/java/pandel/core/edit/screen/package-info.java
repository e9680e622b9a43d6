/** Edits of screens and of what stands on them: hotspots, pictures, looks, scale. */
@NullMarked
package pandel.core.edit.screen;

import org.jspecify.annotations.NullMarked;
