package pandel.desktop.shell.file;

import java.util.List;
import pandel.core.edit.History;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.stage.Question;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;

/**
 * Asks before a document is left while something of it would be lost: changes that are not saved, and work that still
 * runs.
 */
final class Leaving {

    /** Saves the open document, then goes on. */
    interface Saving {
        void save(Runnable then);
    }

    private final Work work;
    private final Telling telling;
    private final Saving saving;

    Leaving(Work work, Telling telling, Saving saving) {
        this.work = work;
        this.telling = telling;
        this.saving = saving;
    }

    /**
     * What a person agreed to lose: this document, as it is.
     *
     * @param running whether something of it still ran, which may have ended otherwise since
     */
    record Consent(Document document, History history, boolean running) {}

    /** Goes on at once when nothing would be lost; else asks first. */
    void unlessLost(Runnable then) {
        Document document = work.document();
        if (!document.running().isEmpty()) {
            askAboutRunning(document, then);
        } else if (work.isSaved()) {
            then.run();
        } else {
            askAboutUnsaved(document, then);
        }
    }

    /** The same for what comes later than it was asked: what was agreed to is not asked again. */
    void unlessLost(Consent agreed, Runnable then) {
        Document now = work.document();
        if (now == agreed.document()
                && now.history() == agreed.history()
                && !agreed.running()
                && now.running().isEmpty()) {
            then.run();
        } else {
            unlessLost(then);
        }
    }

    Consent consent() {
        Document document = work.document();
        return new Consent(document, document.history(), !document.running().isEmpty());
    }

    private void askAboutRunning(Document document, Runnable then) {
        telling.ask(new Question(
                "“" + title() + "” is still " + String.join(" and ", document.running()) + ".",
                List.of(),
                List.of(
                        new Question.Answer(
                                "Wait for it",
                                "main",
                                () -> document.whenIdle(() -> ifStillOpen(document, () -> unlessLost(then)))),
                        new Question.Answer("Leave it all the same", "danger", () -> ifStillOpen(document, then)),
                        new Question.Answer("Keep working", "plain", () -> {}))));
    }

    private void askAboutUnsaved(Document document, Runnable then) {
        telling.ask(new Question(
                "“" + title() + "” has changes that are not saved.",
                List.of(),
                List.of(
                        // What was edited while it was being saved is asked about again.
                        new Question.Answer(
                                "Save them",
                                "main",
                                () -> saving.save(() -> ifStillOpen(document, () -> unlessLost(then)))),
                        new Question.Answer("Lose them", "danger", () -> ifStillOpen(document, then)),
                        new Question.Answer("Keep working", "plain", () -> {}))));
    }

    private void ifStillOpen(Document document, Runnable then) {
        if (work.document() == document) {
            then.run();
        }
    }

    private String title() {
        return work.prototype().title().isBlank()
                ? "This prototype"
                : work.prototype().title();
    }
}
