package pandel.core.model;

/** A place of a start point: a screen, and what it was given and has typed in it. */
public record Spot(String screen, Held held) {

    public static Spot of(String screen) {
        return new Spot(screen, Held.NONE);
    }
}
