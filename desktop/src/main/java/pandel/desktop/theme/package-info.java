/** Type and colour. */
@NullMarked
package pandel.desktop.theme;

import org.jspecify.annotations.NullMarked;
