package pandel.files.store;

import java.util.Set;
import pandel.files.Unreadable;

/** Pictures that were there when the prototype was opened cannot be read any more, so saving would lose them. */
public final class PicturesGone extends Unreadable {

    private final transient Set<String> contents;

    PicturesGone(Set<String> contents, Exception cause) {
        super(
                (contents.size() == 1 ? "One picture" : contents.size() + " pictures")
                        + " cannot be read any more: another program wrote over the file it was opened from, or "
                        + "its disk is gone.",
                cause);
        this.contents = Set.copyOf(contents);
    }

    /** Content names of the pictures. */
    public Set<String> contents() {
        return contents;
    }
}
