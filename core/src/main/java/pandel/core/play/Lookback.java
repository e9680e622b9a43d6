package pandel.core.play;

/** What lies where <i>return to</i> looks: behind the current place, and on the level that closing to pages uncovers. */
public interface Lookback {

    /** Whether a screen is found. */
    enum Found {
        THERE, ABSENT, UNKNOWN
    }

    /** Whether a screen stands behind the current place on its level. */
    Found behind(String screen);

    /**
     * The nearest level beneath that holds pages.
     *
     * @param base   whether it is the base
     * @param first  whether nothing lies behind its current place
     * @param levels how many levels there are up to it
     * @param at     where the sequence stands that is its current place; empty: none is
     */
    record Ground(boolean base, boolean first, int levels, java.util.Optional<pandel.core.model.AtPage> at) {
    }

    /** What closing to pages uncovers; empty where that is not known. Not asked on the base. */
    java.util.Optional<Ground> ground();

    /** Whether a screen is the current one on the nearest level beneath that holds pages. */
    Found onGround(String screen);

    /** Whether a screen stands behind the current place on the nearest level beneath that holds pages. */
    Found behindGround(String screen);
}
