package pandel.core.generate;

import java.util.List;
import java.util.Random;
import pandel.core.model.Prototype;

/** Frames of one kind, put on the screens of a made-up prototype that has none of them. */
abstract class GeneratedFrames {

    protected final Prototype plain;
    protected final Random random;
    protected final Kind kind;

    GeneratedFrames(Prototype plain, Random random, Kind kind) {
        this.plain = plain;
        this.random = random;
        this.kind = kind;
    }

    <T> T any(List<T> among) {
        return among.get(random.nextInt(among.size()));
    }
}
