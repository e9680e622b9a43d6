package pandel.core.model;

import java.util.Optional;

/**
 * A place of a start point: a screen, and what it was given and has typed in it.
 *
 * @param at where the sequence stands of which the screen is a page; empty for a screen alone
 */
public record Spot(String screen, Held held, Optional<AtPage> at) {

    /** A place of a screen alone. */
    public Spot(String screen, Held held) {
        this(screen, held, Optional.empty());
    }

    public static Spot of(String screen) {
        return new Spot(screen, Held.NONE);
    }
}
