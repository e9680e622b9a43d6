/** What commands give back. */
@NullMarked
package pandel.cli.result;

import org.jspecify.annotations.NullMarked;
