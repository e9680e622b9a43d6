/** The window around the stages: masthead, vitals, questions, commands. */
@NullMarked
package pandel.desktop.shell;

import org.jspecify.annotations.NullMarked;
