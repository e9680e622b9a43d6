package pandel.core.model;

import java.util.List;
import java.util.Optional;

/**
 * One way a link can turn out.
 *
 * @param effects done in order, all or none; at most one of them is a move
 * @param motion  empty: as usual for its verb
 */
public record Branch(List<Effect> effects, Optional<Motion> motion, Rest rest) {

    public Branch {
        effects = List.copyOf(effects);
    }

    /** The effect that moves. */
    public Optional<Effect> move() {
        return effects.stream().filter(Effect::isMove).findFirst();
    }

    /** What it remembers, in order. */
    public List<Effect.Remember> remembers() {
        return effects.stream().filter(Effect.Remember.class::isInstance).map(Effect.Remember.class::cast).toList();
    }

    /** A branch that moves as usual. */
    public static Branch of(List<Effect> effects) {
        return new Branch(effects, Optional.empty(), Rest.NONE);
    }

    public Branch withEffects(List<Effect> newEffects) {
        return new Branch(newEffects, motion, rest);
    }

    /** A branch of one effect that moves as usual. */
    public static Branch of(Effect effect) {
        return new Branch(List.of(effect), Optional.empty(), Rest.NONE);
    }
}
