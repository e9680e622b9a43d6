/**
 * How fields of JSON objects are read and written: tables of fields, codecs of their values, what was not asked for.
 * Knows nothing of prototypes; may use Jackson and {@code core.model.rest}.
 */
@NullMarked
package pandel.files.json.field;

import org.jspecify.annotations.NullMarked;
