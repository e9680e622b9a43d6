package pandel.core.edit.whole;

import pandel.core.edit.Edit;
import pandel.core.model.screen.Answer;

/** Edits of how a prototype moves and answers as a rule. */
public final class FeelEdits {

    private FeelEdits() {}

    /** What is seen of what is touched, where it does not say itself. */
    public static Edit touched(Answer answer) {
        return Edit.of(
                "change what is seen of what is touched",
                p -> p.withFeel(p.feel().withTouched(answer)));
    }
}
