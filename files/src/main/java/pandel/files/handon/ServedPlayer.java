package pandel.files.handon;

import java.io.IOException;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.files.store.PictureSource;

/** The page that plays, in parts, for who hands it out over a line: the page, the prototype, one picture at a time. */
public final class ServedPlayer {

    private final Prototype prototype;
    private final PictureSource source;
    private final String version;
    private final PlayerPictures pictures;

    /** @param version differs for whatever differs */
    public ServedPlayer(Prototype prototype, PictureSource source, String version) {
        this.prototype = prototype;
        this.source = source;
        this.version = version;
        this.pictures = new PlayerPictures(prototype, source);
    }

    /** A picture as it is handed out. */
    public record Served(byte[] bytes, String type) {}

    public String version() {
        return version;
    }

    /** The page, without pictures. */
    public String page() throws IOException {
        return HtmlPlayer.served(prototype, source, version);
    }

    /** The prototype alone, as the page reads it when it was changed. */
    public String data() throws IOException {
        return HtmlPlayer.data(prototype, source, version);
    }

    /** A picture of the prototype; empty for anything else. */
    public Optional<Served> picture(String content) throws IOException {
        return pictures.one(content).map(kept -> new Served(kept.bytes(), kept.type()));
    }
}
