/**
 * What a stage is, and what it can ask of the window around it: each part takes the narrowest of these. Stages know
 * this package and what lies beneath, never the shell or one another.
 */
@NullMarked
package pandel.desktop.stage;

import org.jspecify.annotations.NullMarked;
