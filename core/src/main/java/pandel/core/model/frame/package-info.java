/**
 * Frames, the places people move in: tab sets, sequences, drawers, and lists beside their details. They name screens by
 * id.
 */
@NullMarked
package pandel.core.model.frame;

import org.jspecify.annotations.NullMarked;
