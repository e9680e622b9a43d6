/**
 * Links: what sets them off, how they turn out, what they do and where they lead, by id; and the events of play that
 * name them. It knows values and devices, not the screens that are led to.
 */
@NullMarked
package pandel.core.model.link;

import org.jspecify.annotations.NullMarked;
