package pandel.files;

/** Something given could not be read or written. The message is one sentence for people: what, where, what to do. */
public class Unreadable extends Exception {

    public Unreadable(String sentence) {
        super(sentence);
    }

    public Unreadable(String sentence, Throwable cause) {
        super(sentence, cause);
    }

    /** The sentence for people. */
    public String sentence() {
        return getMessage();
    }
}
