/** What changed between two states of a prototype, in sentences. */
@NullMarked
package pandel.core.version;

import org.jspecify.annotations.NullMarked;
