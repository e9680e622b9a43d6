/** What the desk does to the prototype, and the finder of targets. */
@NullMarked
package pandel.desktop.links.action;

import org.jspecify.annotations.NullMarked;
