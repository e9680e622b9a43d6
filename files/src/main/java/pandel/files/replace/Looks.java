package pandel.files.replace;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.screen.Picture;
import pandel.files.Unreadable;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureSource;

/** How pictures look, each asked once. Their thumbnails are enough for it. For one thread. */
public final class Looks {

    private final PictureSource source;
    private final Thumbnails thumbnails;
    private final Map<String, Optional<Likeness>> known = new HashMap<>();

    public Looks(PictureSource source, Thumbnails thumbnails) {
        this.source = source;
        this.thumbnails = thumbnails;
    }

    /** Empty when the picture cannot be read. */
    public Optional<Likeness> of(Picture picture) {
        return known.computeIfAbsent(picture.content(), c -> small(picture).map(Likeness::of));
    }

    /** The picture, no wider than a thumbnail. */
    public Optional<Raster> small(Picture picture) {
        try {
            return thumbnails.findOrMake(picture.content(), source::read);
        } catch (IOException | Unreadable e) {
            return Optional.empty();
        }
    }
}
