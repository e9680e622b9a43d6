/** Two people's changes of one prototype brought together, by ids. */
@NullMarked
package pandel.files.merge;

import org.jspecify.annotations.NullMarked;
