/** Commands that make something for other hands, and bring theirs together with one's own. */
@NullMarked
package pandel.cli.handon;

import org.jspecify.annotations.NullMarked;
