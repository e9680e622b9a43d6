/** Pictures from files and folders made into screens. */
@NullMarked
package pandel.files.gather;

import org.jspecify.annotations.NullMarked;
