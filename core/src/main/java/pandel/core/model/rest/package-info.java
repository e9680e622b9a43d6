/** Fields of a file that a newer Pandel wrote and this one does not know; carried unread from reading to writing. */
@NullMarked
package pandel.core.model.rest;

import org.jspecify.annotations.NullMarked;
