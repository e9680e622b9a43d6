package pandel.files;

import java.util.Objects;

/** Something given could not be read or written. The message is one sentence for people: what, where, what to do. */
public class Unreadable extends Exception {

    public Unreadable(String sentence) {
        super(sentence);
    }

    public Unreadable(String sentence, Throwable cause) {
        super(sentence, cause);
    }

    /** Why something failed, in words that can end a sentence; never nothing. */
    public static String why(Throwable failed) {
        String message = failed.getMessage();
        return message == null || message.isBlank()
                ? "nobody knows why (" + failed.getClass().getSimpleName() + ")"
                : message.strip().replaceAll("\\s*\\R\\s*", " ").replaceFirst("\\.$", "");
    }

    /** The sentence for people. */
    public String sentence() {
        return Objects.requireNonNull(getMessage());
    }
}
