/** A prototype made into what others can open without Pandel. */
@NullMarked
package pandel.files.handon;

import org.jspecify.annotations.NullMarked;
