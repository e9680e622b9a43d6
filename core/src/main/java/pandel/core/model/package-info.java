/**
 * What a prototype is made of as a whole: {@link Prototype} with its index by id, journeys, judgements and kept
 * versions, and how targets and attachments come out in it. Everything is immutable; lengths are px (CSS pixels, the
 * width's own). It takes in nothing but records of the packages beneath, gives out new prototypes, and may use those
 * packages alone.
 */
@NullMarked
package pandel.core.model;

import org.jspecify.annotations.NullMarked;
