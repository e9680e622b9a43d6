/**
 * Where everything stands on a device, in its px, and what a point on it means: areas of strips, drawers, pages and
 * pairs, and the event of a gesture at a point.
 */
@NullMarked
package pandel.core.play.layout;

import org.jspecify.annotations.NullMarked;
