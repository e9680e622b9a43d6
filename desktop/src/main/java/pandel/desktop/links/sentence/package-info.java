/**
 * The chosen link as a sentence whose words are choices. What it asks of the desk around it stands in
 * {@link DeskRequests}.
 */
@NullMarked
package pandel.desktop.links.sentence;

import org.jspecify.annotations.NullMarked;
