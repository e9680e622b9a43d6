/** What stands on a picture: buttons, rows, tabs, signs and words, found on its pixels alone. */
@org.jspecify.annotations.NullMarked
package pandel.core.areas;
