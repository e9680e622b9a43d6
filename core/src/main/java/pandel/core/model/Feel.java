package pandel.core.model;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Form;

/**
 * How a prototype moves and answers as a rule.
 *
 * @param motions its own usual motions; a verb not named moves as {@link Motion#usualFor} says
 * @param above those of what is opened above, by its form; one not named opens as the verb does
 * @param drawers ms and easing of drawers; how they come each says itself
 * @param touched what is seen of what is touched, where it does not say itself
 */
@RecordBuilder
public record Feel(Map<Verb, Motion> motions, Map<Form, Motion> above, Motion drawers, Answer touched)
        implements FeelBuilder.With {

    /** How long drawers take in every prototype, and their easing. */
    public static final Motion DRAWERS =
            new Motion(Motion.Kind.SLIDE_ACROSS, Motion.Direction.LEFT, 240, "ease-out", Rest.NONE);

    /** Everything moves as is usual, and what is touched dims. */
    public static final Feel USUAL = new Feel(Map.of(), Map.of(), DRAWERS, Answer.DIM);

    public Feel {
        EnumMap<Verb, Motion> sorted = new EnumMap<>(Verb.class);
        sorted.putAll(motions);
        motions = Collections.unmodifiableMap(sorted);
        EnumMap<Form, Motion> forms = new EnumMap<>(Form.class);
        forms.putAll(above);
        above = Collections.unmodifiableMap(forms);
    }

    /** What something has of its own here; empty: it moves as in every prototype. */
    public Optional<Motion> own(MotionOf of) {
        return switch (of) {
            case MotionOf.OfVerb o -> Optional.ofNullable(motions.get(o.verb()));
            case MotionOf.Above a -> Optional.ofNullable(above.get(a.form()));
            case MotionOf.Drawers d -> Optional.of(drawers).filter(m -> !m.equals(DRAWERS));
        };
    }

    /** How something moves when its link does not say. */
    public Motion usual(MotionOf of) {
        return own(of).orElseGet(() -> switch (of) {
            case MotionOf.OfVerb o -> Motion.usualFor(o.verb());
            case MotionOf.Above a -> usual(new MotionOf.OfVerb(Verb.OPEN_ABOVE));
            case MotionOf.Drawers d -> DRAWERS;
        });
    }

    /** How a move is made when its link does not say: what is opened above as its form is. */
    public Motion usual(Contents contents, Effect move) {
        return usual(
                move instanceof Effect.OpenAbove open
                        ? Targets.shown(contents, open.screen())
                                .<MotionOf>map(s -> new MotionOf.Above(s.form()))
                                .orElse(new MotionOf.OfVerb(Verb.OPEN_ABOVE))
                        : new MotionOf.OfVerb(move.verb()));
    }

    /** The same with another motion of its own, or without one. */
    public Feel with(MotionOf of, Optional<Motion> motion) {
        return switch (of) {
            case MotionOf.OfVerb o -> withMotions(changed(Verb.class, motions, o.verb(), motion));
            case MotionOf.Above a -> withAbove(changed(Form.class, above, a.form(), motion));
            case MotionOf.Drawers d -> withDrawers(motion.orElse(DRAWERS));
        };
    }

    private static <K extends Enum<K>> Map<K, Motion> changed(
            Class<K> keys, Map<K, Motion> all, K key, Optional<Motion> motion) {
        Map<K, Motion> changed = new EnumMap<>(keys);
        changed.putAll(all);
        changed.remove(key);
        motion.ifPresent(m -> changed.put(key, m));
        return changed;
    }
}
