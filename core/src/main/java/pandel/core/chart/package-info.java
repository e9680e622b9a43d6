/** Where things stand on the map: computed, the same every time. */
@NullMarked
package pandel.core.chart;

import org.jspecify.annotations.NullMarked;
