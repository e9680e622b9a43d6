/** What a person changes, as values: an edit has a name for people and makes a new prototype from the old. */
@NullMarked
package pandel.core.edit;

import org.jspecify.annotations.NullMarked;
