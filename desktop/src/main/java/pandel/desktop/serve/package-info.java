/** What is open, played on a phone beside the desk. */
@NullMarked
package pandel.desktop.serve;

import org.jspecify.annotations.NullMarked;
