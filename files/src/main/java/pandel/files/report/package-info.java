/** What the checks say, in the formats that others read: build servers, tables, pages. */
@NullMarked
package pandel.files.report;

import org.jspecify.annotations.NullMarked;
