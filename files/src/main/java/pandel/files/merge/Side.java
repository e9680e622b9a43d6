package pandel.files.merge;

/** One of two people's changes. */
public enum Side {
    MINE,
    THEIRS
}
