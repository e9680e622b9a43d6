package pandel.core.model;

import java.util.Optional;

/**
 * Where the prototype starts.
 *
 * @param address for an entry opened from outside; empty for the main one
 */
public record Entry(String id, Target target, Optional<String> address, Rest rest) implements Start {

    /** The main entry, at a screen. */
    public static Entry at(String id, String screen) {
        return new Entry(id, new Target.ToScreen(screen), Optional.empty(), Rest.NONE);
    }
}
