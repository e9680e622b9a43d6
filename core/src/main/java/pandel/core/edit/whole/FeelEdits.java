package pandel.core.edit.whole;

import java.util.Optional;
import pandel.core.edit.Edit;
import pandel.core.model.Feel;
import pandel.core.model.MotionOf;
import pandel.core.model.link.Motion;
import pandel.core.model.screen.Answer;

/** Edits of how a prototype moves and answers as a rule. */
public final class FeelEdits {

    private FeelEdits() {}

    /** How something moves where its link does not say; empty: as is usual in every prototype. */
    public static Edit motion(MotionOf of, Optional<Motion> motion) {
        return Edit.of("change the usual motion of " + of.words(), p -> {
            Feel without = p.feel().with(of, Optional.empty());
            return p.withFeel(without.with(of, motion.filter(m -> !m.equals(without.usual(of)))));
        });
    }

    /** What is seen of what is touched, where it does not say itself. */
    public static Edit touched(Answer answer) {
        return Edit.of(
                "change what is seen of what is touched",
                p -> p.withFeel(p.feel().withTouched(answer)));
    }
}
