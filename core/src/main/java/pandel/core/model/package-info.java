/**
 * What a prototype is made of: immutable records, one for each word of the trade. Lengths are px (CSS pixels), times
 * milliseconds.
 */
@NullMarked
package pandel.core.model;

import org.jspecify.annotations.NullMarked;
