package pandel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pandel.core.model.Prototype;

/** What was done, undone and saved. */
class HistoryTest {

    private static Edit titled(String title) {
        return Edit.of("rename to " + title, p -> p.withTitle(title));
    }

    private static History begun() {
        return History.ofSaved(Prototype.empty("Lane"));
    }

    @Test
    void anEditThatChangesNothingLeavesNoStep() {
        History begun = begun();
        assertThat(begun.after(titled("Lane"))).isSameAs(begun);
        assertThat(begun.undoName()).isEmpty();
    }

    @Test
    void undoAndRedoSayWhatTheyDo() {
        History two = begun().after(titled("A")).after(titled("B"));
        assertThat(two.undoName()).hasValue("rename to B");
        assertThat(two.redoName()).isEmpty();
        History one = two.undone();
        assertThat(one.prototype().title()).isEqualTo("A");
        assertThat(one.redoName()).hasValue("rename to B");
        assertThat(one.redone().prototype()).isSameAs(two.prototype());
    }

    @Test
    void anEditAfterUndoForgetsWhatWasUndone() {
        History other = begun().after(titled("A")).after(titled("B")).undone().after(titled("C"));
        assertThat(other.redoName()).isEmpty();
        assertThat(other.undone().prototype().title()).isEqualTo("A");
    }

    @Test
    void theEndsStayWhereTheyAre() {
        History begun = begun();
        assertThat(begun.undone()).isSameAs(begun);
        assertThat(begun.redone()).isSameAs(begun);
    }

    @Test
    void whatJoinsIsOneStepUntilItWasSaved() {
        History typed =
                begun().after(titled("L").joining("title")).after(titled("La").joining("title"));
        assertThat(typed.undone().prototype().title()).isEqualTo("Lane");
        History saved = typed.saved(typed.prototype()).after(titled("Lan").joining("title"));
        assertThat(saved.undone().prototype().title()).isEqualTo("La");
        History other = typed.after(titled("B").joining("other"));
        assertThat(other.undone().prototype().title()).isEqualTo("La");
    }

    @Test
    void savedIsAMomentAndUndoComesBackToIt() {
        History edited = begun().after(titled("A"));
        assertThat(begun().isSaved()).isTrue();
        assertThat(edited.isSaved()).isFalse();
        assertThat(edited.undone().isSaved()).isTrue();
        History saved = edited.saved(edited.prototype());
        assertThat(saved.isSaved()).isTrue();
        assertThat(saved.undone().isSaved()).isFalse();
        assertThat(History.ofUnsaved(Prototype.empty("Lane")).isSaved()).isFalse();
    }

    @Test
    void theOldestStepsAreForgottenPastTheLimit() {
        History history = begun();
        for (int i = 0; i < History.LIMIT + 20; i++) {
            history = history.after(titled("n" + i));
        }
        int back = 0;
        while (history.undoName().isPresent()) {
            history = history.undone();
            back++;
        }
        assertThat(back).isEqualTo(History.LIMIT);
        assertThat(history.prototype().title()).isEqualTo("n19");
    }
}
