/** Rules about tab sets, drawers, sequences and what devices refuse. Each reads the solution and gives findings. */
@NullMarked
package pandel.core.check.rule.frame;

import org.jspecify.annotations.NullMarked;
