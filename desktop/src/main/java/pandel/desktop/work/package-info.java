/** What is open and what is chosen, as properties that every view follows. */
@NullMarked
package pandel.desktop.work;

import org.jspecify.annotations.NullMarked;
