package pandel.desktop.stage;

import java.util.List;

/**
 * Asked in the middle of the window, the rest behind a shade.
 *
 * @param sentence what it is about
 * @param detail more to know, a line each; may be empty
 * @param answers the first is the one that Enter gives, so it does no harm
 * @param escape the answer that Escape gives, which does no harm either
 */
public record Question(String sentence, List<String> detail, List<Answer> answers, Answer escape) {

    /**
     * One answer.
     *
     * @param style how its button looks: main, plain or danger
     */
    public record Answer(String words, String style, Runnable then) {

        /** Whether something is lost by it. */
        boolean isHarm() {
            return style.equals("danger");
        }
    }

    /** One that Escape answers with the last. */
    public Question(String sentence, List<String> detail, List<Answer> answers) {
        this(sentence, detail, answers, answers.getLast());
    }

    public Question {
        if (answers.getFirst().isHarm() || escape.isHarm()) {
            throw new IllegalArgumentException("Enter and Escape may not do harm: " + sentence);
        }
        detail = List.copyOf(detail);
        answers = List.copyOf(answers);
    }
}
