/** Devices, the classes of their widths, and what a person can do on them. */
@NullMarked
package pandel.core.model.device;

import org.jspecify.annotations.NullMarked;
