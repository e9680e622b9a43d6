package pandel.core.play.rule;

import java.util.List;
import java.util.Optional;
import pandel.core.model.frame.AtPage;

/**
 * What lies where <i>return to</i> looks: behind the current place, and on the level that closing to pages uncovers.
 */
public interface StackQuery {

    /** Whether a screen is found. */
    enum Found {
        THERE,
        ABSENT,
        UNKNOWN
    }

    /** Whether a screen stands behind the current place on its level. */
    Found behind(String screen);

    /** The nearest level beneath that holds pages. */
    interface Ground {

        /** Whether it is the base. */
        boolean base();

        /** Whether nothing lies behind its current place. */
        boolean first();

        /** How many levels there are up to it. */
        int levels();

        /** Where the sequence stands that is its current place; empty: none is. */
        Optional<AtPage> at();

        /** The tab sets around its current place. */
        List<EnclosingTab> around();
    }

    /** One that is wholly known. */
    record KnownGround(boolean base, boolean first, int levels, Optional<AtPage> at, List<EnclosingTab> around)
            implements Ground {}

    /** What closing to pages uncovers; empty where that is not known. Not asked on the base. */
    Optional<Ground> ground();

    /** Whether a screen is the current one on the nearest level beneath that holds pages. */
    Found onGround(String screen);

    /**
     * A tab set that lies behind the current place, or beneath.
     *
     * @param around the tab sets around the place that lies there, that one among them; empty unless it is found
     */
    record Set(Found found, List<EnclosingTab> around) {}

    /**
     * Looks for a tab set behind the current place on its level.
     *
     * @param set its id
     */
    Set setBehind(String set);

    /** Looks for one on the nearest level beneath that holds pages, its current place included. */
    Set setOnGround(String set);

    /** Whether a screen stands behind the current place on the nearest level beneath that holds pages. */
    Found behindGround(String screen);
}
