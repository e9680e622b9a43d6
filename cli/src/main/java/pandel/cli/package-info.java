/** The {@code pandel} command. */
@NullMarked
package pandel.cli;

import org.jspecify.annotations.NullMarked;
