package pandel.core.play;

/** What lies where <i>return to</i> looks: behind the current place, and on the level that closing to pages uncovers. */
public interface Lookback {

    /** Whether a screen is found. */
    enum Found {
        THERE, ABSENT, UNKNOWN
    }

    /** Whether a screen stands behind the current place on its level. */
    Found behind(String screen);

    /** Whether a screen is the current one on the nearest level beneath that holds pages. */
    Found onGround(String screen);

    /** Whether a screen stands behind the current place on the nearest level beneath that holds pages. */
    Found behindGround(String screen);
}
