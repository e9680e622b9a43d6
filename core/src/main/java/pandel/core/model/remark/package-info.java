/** What people say about a prototype, and what it is pinned to. */
@NullMarked
package pandel.core.model.remark;

import org.jspecify.annotations.NullMarked;
