/**
 * Rules about what is shown, what leads on, what goes back, waits and overlays. Each reads the solution and gives
 * findings.
 */
@NullMarked
package pandel.core.check.rule.reach;

import org.jspecify.annotations.NullMarked;
