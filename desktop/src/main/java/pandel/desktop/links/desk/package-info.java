/** The one screen in the middle of the desk: its mock, its hotspots, its neighbours. */
@NullMarked
package pandel.desktop.links.desk;

import org.jspecify.annotations.NullMarked;
