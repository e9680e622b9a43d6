package pandel.core.generate;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Attached;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

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

    List<Screen> pages() {
        return plain.screens().stream().filter(s -> s.form() == Form.PAGE).toList();
    }

    /**
     * Where one is attached.
     *
     * @param most named screens that a nasty one is attached to
     */
    Attached attached(int most) {
        if (kind == Kind.NASTY && random.nextInt(4) == 0) {
            return Attached.ALL;
        }
        List<Screen> among = kind == Kind.USUAL ? pages() : plain.screens();
        Set<String> on = new LinkedHashSet<>();
        int some = kind == Kind.USUAL ? Math.min(12, 1 + among.size() / 20) : random.nextInt(most + 1);
        for (int i = 0; i < some; i++) {
            on.add(any(among).id());
        }
        boolean inside = kind == Kind.NASTY && !plain.tabSets().isEmpty() && random.nextBoolean();
        return new Attached(false, on, inside ? Set.of(any(plain.tabSets()).id()) : Set.<String>of());
    }
}
