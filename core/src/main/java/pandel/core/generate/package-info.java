/** Made-up prototypes for tests and benchmarks, the same for the same seed. */
@NullMarked
package pandel.core.generate;

import org.jspecify.annotations.NullMarked;
