/** The signs of tabs, items, actions and buttons, as paths. */
@NullMarked
package pandel.files.sign;

import org.jspecify.annotations.NullMarked;
