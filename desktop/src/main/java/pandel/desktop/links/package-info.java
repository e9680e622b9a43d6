/** The second stage: the desk, where screens are linked. */
@NullMarked
package pandel.desktop.links;

import org.jspecify.annotations.NullMarked;
