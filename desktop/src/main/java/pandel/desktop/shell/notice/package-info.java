/** How a person is told and asked things: the toast above the status bar, and questions in the middle of the window. */
@NullMarked
package pandel.desktop.shell.notice;

import org.jspecify.annotations.NullMarked;
