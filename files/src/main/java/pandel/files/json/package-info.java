/** Prototypes, events, situations and findings as JSON. */
@NullMarked
package pandel.files.json;

import org.jspecify.annotations.NullMarked;
