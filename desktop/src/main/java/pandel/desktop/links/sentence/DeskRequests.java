package pandel.desktop.links.sentence;

import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;

/** What the sentence asks of the desk. */
public interface DeskRequests {
    void find();

    void share(Hotspot hotspot);

    void linkScreen(Cause cause);

    void nextWaiting();

    /** What the rows of a hotspot hold. */
    void rows(Hotspot hotspot);

    /** Words laid where a hotspot stands. */
    void layWords(Hotspot hotspot);

    /** What the chosen screen expects. */
    void values();

    /** How a branch of the chosen link moves. */
    void motion(Link link, int number);

    /** Where the busy sign of the chosen link moves. */
    void busySign(Link link);

    /** Whether all sentences are shown in place of the desk. */
    boolean isListed();

    /**
     * A tab set or sequence.
     *
     * @param id its id
     */
    void frame(String id);

    public void chooseVerb(Verb verb);

    void walkOn();

    void say(String sentence);
}
