/** The fifth stage: what the checks found. */
@NullMarked
package pandel.desktop.check;

import org.jspecify.annotations.NullMarked;
