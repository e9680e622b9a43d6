/** Hands the page that plays out over a line, to a phone beside the desk. */
@NullMarked
package pandel.files.serve;

import org.jspecify.annotations.NullMarked;
