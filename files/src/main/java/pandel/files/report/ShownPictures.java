package pandel.files.report;

import java.io.IOException;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.files.Unreadable;
import pandel.files.picture.LaidWords;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.store.PictureSource;

/** Small pictures within a page, each there once however often it is shown: as the ground of a class of its style. */
public final class ShownPictures {

    /** px across: twice what is shown, for fine screens. */
    private static final int ACROSS = 320;

    private final PictureSource source;
    private final int across;
    private final Map<String, Optional<String>> classes = new LinkedHashMap<>();
    private final StringBuilder style = new StringBuilder();

    ShownPictures(PictureSource source) {
        this(source, ACROSS);
    }

    /** @param across pixels that each is wide, at most */
    public ShownPictures(PictureSource source, int across) {
        this.source = source;
        this.across = across;
    }

    /** The class that shows a picture; empty where it is not there or cannot be read. */
    public Optional<String> named(String content) throws IOException {
        return named(content, content, 1, List.of());
    }

    /** The same with the words that are laid on it. */
    public Optional<String> named(Picture picture) throws IOException {
        String key = picture.patches().isEmpty()
                ? picture.content()
                : picture.content() + " " + picture.scale() + " " + picture.patches();
        return named(key, picture.content(), picture.scale(), picture.patches());
    }

    private Optional<String> named(String key, String content, double scale, List<Patch> patches) throws IOException {
        Optional<String> known = classes.get(key);
        if (known != null) {
            return known;
        }
        Optional<String> name = Optional.empty();
        Optional<byte[]> bytes = source.read(content);
        if (bytes.isPresent()) {
            try {
                Raster drawn = Pictures.decode(bytes.get(), content);
                byte[] small = Pictures.png(
                        (patches.isEmpty() ? drawn : LaidWords.on(drawn, scale, patches)).shrunkTo(across));
                name = Optional.of("p" + classes.size());
                style.append('.')
                        .append(name.get())
                        .append("{background-image:url(data:image/png;base64,")
                        .append(Base64.getEncoder().encodeToString(small))
                        .append(")}\n");
            } catch (Unreadable e) {
                // Its screen shows its title instead, as in the window.
                name = Optional.empty();
            }
        }
        classes.put(key, name);
        return name;
    }

    String style() {
        return style.toString();
    }
}
