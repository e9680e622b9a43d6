/** Pictures: header, decoding, shrinking, thumbnails on disk. */
@NullMarked
package pandel.files.picture;

import org.jspecify.annotations.NullMarked;
