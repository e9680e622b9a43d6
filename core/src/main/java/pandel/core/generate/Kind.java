package pandel.core.generate;

/** What sort of prototype to make up. */
public enum Kind {
    /** As real ones are: mostly sound, with a few mistakes. */
    USUAL,
    /** Everything that is awkward, and often. */
    NASTY
}
