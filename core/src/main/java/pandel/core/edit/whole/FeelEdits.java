package pandel.core.edit.whole;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import pandel.core.edit.Edit;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Answer;

/** Edits of how a prototype moves and answers as a rule. */
public final class FeelEdits {

    private FeelEdits() {}

    /** How a verb moves where its link does not say; empty: as is usual in every prototype. */
    public static Edit motion(Verb verb, Optional<Motion> motion) {
        return Edit.of("change the usual motion of " + verb.word(), p -> {
            Map<Verb, Motion> motions = new EnumMap<>(Verb.class);
            motions.putAll(p.feel().motions());
            motions.remove(verb);
            motion.filter(m -> !m.equals(Motion.usualFor(verb))).ifPresent(m -> motions.put(verb, m));
            return p.withFeel(p.feel().withMotions(motions));
        });
    }

    /** What is seen of what is touched, where it does not say itself. */
    public static Edit touched(Answer answer) {
        return Edit.of(
                "change what is seen of what is touched",
                p -> p.withFeel(p.feel().withTouched(answer)));
    }
}
