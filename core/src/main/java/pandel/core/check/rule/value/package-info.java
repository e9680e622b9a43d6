/** Rules about values, facts, looks, names in braces and outcomes. Each reads the solution and gives findings. */
@NullMarked
package pandel.core.check.rule.value;

import org.jspecify.annotations.NullMarked;
