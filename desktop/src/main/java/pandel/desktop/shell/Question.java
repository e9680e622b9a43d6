package pandel.desktop.shell;

import java.util.List;

/**
 * Asked in the middle of the window, the rest behind a shade.
 *
 * @param sentence what it is about
 * @param detail   more to know, a line each; may be empty
 * @param answers  the first is the one that Enter gives; Escape gives the last
 */
public record Question(String sentence, List<String> detail, List<Answer> answers) {

    /**
     * One answer.
     *
     * @param style how its button looks: main, plain or danger
     */
    public record Answer(String words, String style, Runnable then) {
    }

    public Question {
        detail = List.copyOf(detail);
        answers = List.copyOf(answers);
    }
}
