/** Rules about where hotspots stand, pictures and titles. Each reads the prototype and gives findings. */
@NullMarked
package pandel.core.check.rule.drawn;

import org.jspecify.annotations.NullMarked;
