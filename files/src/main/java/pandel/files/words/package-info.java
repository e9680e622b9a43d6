/** The words that people read in a prototype, out for review and translation and in again. */
@NullMarked
package pandel.files.words;

import org.jspecify.annotations.NullMarked;
