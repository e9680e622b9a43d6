package pandel.files.report;

import java.io.IOException;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import pandel.files.Unreadable;
import pandel.files.picture.Pictures;
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
        Optional<String> known = classes.get(content);
        if (known != null) {
            return known;
        }
        Optional<String> name = Optional.empty();
        Optional<byte[]> bytes = source.read(content);
        if (bytes.isPresent()) {
            try {
                byte[] small =
                        Pictures.png(Pictures.decode(bytes.get(), content).shrunkTo(across));
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
        classes.put(content, name);
        return name;
    }

    String style() {
        return style.toString();
    }
}
