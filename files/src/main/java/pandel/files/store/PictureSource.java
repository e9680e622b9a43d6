package pandel.files.store;

import java.io.IOException;
import java.util.Optional;

/** A place that holds pictures by content name. */
public interface PictureSource {

    /** The bytes of a picture; empty when it is not here. */
    Optional<byte[]> read(String content) throws IOException;
}
