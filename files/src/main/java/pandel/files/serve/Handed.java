package pandel.files.serve;

import org.jspecify.annotations.Nullable;
import pandel.core.model.Prototype;
import pandel.files.handon.ServedPlayer;
import pandel.files.store.PictureSource;

/** What is handed out now; made when it is first asked for. */
final class Handed {

    private final Prototype prototype;
    private final PictureSource source;
    private final String version;
    private @Nullable ServedPlayer made;

    Handed(Prototype prototype, PictureSource source, String version) {
        this.prototype = prototype;
        this.source = source;
        this.version = version;
    }

    String version() {
        return version;
    }

    boolean isOf(Prototype other) {
        return prototype == other;
    }

    synchronized ServedPlayer player() {
        ServedPlayer player = made;
        if (player == null) {
            player = new ServedPlayer(prototype, source, version);
            made = player;
        }
        return player;
    }
}
