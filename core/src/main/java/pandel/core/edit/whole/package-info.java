/** Edits of what belongs to the prototype as a whole: starts, journeys, judgements, versions. */
@NullMarked
package pandel.core.edit.whole;

import org.jspecify.annotations.NullMarked;
