/**
 * Pages with links that other programs made (PDF, SVG, HTML image maps), brought in as pictures and what leads where.
 */
@NullMarked
package pandel.files.into;

import org.jspecify.annotations.NullMarked;
