package pandel.desktop.shell.notice;

import pandel.desktop.stage.Question;

/** How a person is told and asked things. */
public interface Telling {

    /** One sentence for a few seconds. */
    void say(String sentence);

    /** A sentence that something can be done about. */
    void offer(String sentence, String what, Runnable action);

    /** How far long work is. */
    void progress(String sentence, double share, Runnable onStop);

    /** The long work is over. */
    void done();

    /** Asks before going on. */
    void ask(Question question);

    /** Whether something is asked or shown just now. */
    boolean isAsking();
}
