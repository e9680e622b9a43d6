package pandel.core.model.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Known;
import pandel.core.model.value.ValueScope;

/**
 * One way a link can turn out.
 *
 * @param when all must hold; none: it always holds
 * @param outcome a result that the person does not decide ("saved"); empty: none
 * @param effects done in order, all or none; at most one of them is a move
 * @param motion empty: as usual for its verb
 * @param where where its move is done; empty: as usual for its verb and what it leads to
 */
@RecordBuilder
public record Branch(
        List<Condition> when,
        Optional<String> outcome,
        List<Effect> effects,
        Optional<Motion> motion,
        Optional<Where> where,
        Rest rest)
        implements BranchBuilder.With {

    public Branch {
        when = List.copyOf(when);
        effects = List.copyOf(effects);
    }

    /** A branch that is done where it usually is. */
    public Branch(
            List<Condition> when, Optional<String> outcome, List<Effect> effects, Optional<Motion> motion, Rest rest) {
        this(when, outcome, effects, motion, Optional.empty(), rest);
    }

    /** A branch that moves as usual, whatever holds. */
    public static Branch of(List<Effect> effects) {
        return new Branch(List.of(), Optional.empty(), effects, Optional.empty(), Rest.NONE);
    }

    /** A branch of one effect that moves as usual. */
    public static Branch of(Effect effect) {
        return of(List.of(effect));
    }

    /** Whether all its conditions hold. */
    public boolean holds(ValueScope scope, Known known) {
        return when.stream().allMatch(c -> c.holds(scope, known));
    }

    /** The effect that moves. */
    public Optional<Effect> move() {
        return effects.stream().filter(Effect::isMove).findFirst();
    }

    /** What it remembers, in order. */
    public List<Effect.Remember> remembers() {
        return effects.stream()
                .filter(Effect.Remember.class::isInstance)
                .map(Effect.Remember.class::cast)
                .toList();
    }

    /** What the first branch of a link does besides its move, as far as choosing a tab or page can do it. */
    public static List<Effect> besides(Optional<Link> link) {
        return link.flatMap(l -> l.branches().stream().findFirst()).map(Branch::effects).orElse(List.of()).stream()
                .filter(Effect::isDoneByChoosing)
                .toList();
    }

    /** The same with that move in place of the one it has, moving as usual; everything else is kept where it stands. */
    public Branch doing(Effect move) {
        List<Effect> others = new java.util.ArrayList<>(
                effects.stream().filter(e -> !e.isMove()).toList());
        others.add(move);
        return new Branch(when, outcome, others, Optional.empty(), rest);
    }
}
