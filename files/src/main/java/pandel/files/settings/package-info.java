/** What a person prefers, kept from one sitting to the next. */
@NullMarked
package pandel.files.settings;

import org.jspecify.annotations.NullMarked;
