package pandel.desktop.stage;

/** Tells and asks a person. */
public interface Messages {

    /** Says one sentence for a few seconds. */
    void say(String sentence);

    /** Asks before going on. */
    void ask(Question question);
}
