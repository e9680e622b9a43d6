package pandel.desktop.shell.notice;

import pandel.desktop.stage.Question;

/** Tells and asks in the window. */
public record WindowTelling(Toast said, QuestionPane questions) implements Telling {

    @Override
    public void say(String sentence) {
        said.say(sentence);
    }

    @Override
    public void offer(String sentence, String what, Runnable action) {
        said.offer(sentence, what, action);
    }

    @Override
    public void progress(String sentence, double share, Runnable onStop) {
        said.progress(sentence, share, onStop);
    }

    @Override
    public void done() {
        said.done();
    }

    @Override
    public void ask(Question question) {
        questions.ask(question);
    }

    @Override
    public boolean isAsking() {
        return questions.isVisible();
    }
}
