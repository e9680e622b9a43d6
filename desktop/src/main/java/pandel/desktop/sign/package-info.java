/** Small drawn signs for forms, verbs, causes and tabs, the same wherever they stand. */
@NullMarked
package pandel.desktop.sign;

import org.jspecify.annotations.NullMarked;
