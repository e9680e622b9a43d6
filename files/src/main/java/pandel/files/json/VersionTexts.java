package pandel.files.json;

import java.util.Optional;

/** Where the contents of kept versions stand, apart from {@code prototype.json}. */
public interface VersionTexts {

    /** None: every version is unreadable. */
    VersionTexts NONE = id -> Optional.empty();

    /** The JSON of a version; empty when it is not there. */
    Optional<String> text(String id);
}
