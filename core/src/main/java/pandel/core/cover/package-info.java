/** Journeys replayed, and how much of a prototype they travel. */
@NullMarked
package pandel.core.cover;

import org.jspecify.annotations.NullMarked;
