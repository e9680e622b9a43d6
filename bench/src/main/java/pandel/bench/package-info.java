/** How fast it is; see docs/performance.md. */
@NullMarked
package pandel.bench;

import org.jspecify.annotations.NullMarked;
