/**
 * Screens with their pictures, looks and hotspots, and how they stand above others. It knows links, values and devices;
 * it names other screens by id alone.
 */
@NullMarked
package pandel.core.model.screen;

import org.jspecify.annotations.NullMarked;
