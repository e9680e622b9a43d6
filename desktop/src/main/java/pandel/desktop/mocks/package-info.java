/** The first stage: the screens as cards. */
@NullMarked
package pandel.desktop.mocks;

import org.jspecify.annotations.NullMarked;
