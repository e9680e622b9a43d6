package pandel.core.play;

/** The base, or one thing open above it, with the trail of places on it. */
public record Level(LevelKind kind, Trail trail) {

    public Level with(Trail newTrail) {
        return new Level(kind, newTrail);
    }
}
