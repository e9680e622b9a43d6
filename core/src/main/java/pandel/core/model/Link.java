package pandel.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What makes something happen: a cause on its owner (the hotspot or screen that holds it) and branches.
 *
 * @param branches looked at in order; none: the link does nothing yet
 */
public record Link(String id, Cause cause, List<Branch> branches, Rest rest) {

    public Link {
        branches = List.copyOf(branches);
    }

    /** A link of one branch with one effect. */
    public static Link of(String id, Cause cause, Effect effect) {
        return new Link(id, cause, List.of(Branch.of(effect)), Rest.NONE);
    }

    /** The first effect of the first branch that moves; else its first effect. */
    public Optional<Effect> effect() {
        return branches.stream().flatMap(branch -> branch.move().or(() -> branch.effects().stream().findFirst()).stream()).findFirst();
    }

    /** What the first branch remembers, in order. */
    public List<Effect.Remember> remembers() {
        return branches.stream().findFirst().map(Branch::remembers).orElse(List.of());
    }

    /** The same link making that move instead, as usual; what it remembers stays. */
    public Link doing(Effect move) {
        List<Effect> effects = new ArrayList<>(remembers());
        effects.add(move);
        return new Link(id, cause, List.of(new Branch(effects, Optional.empty(), branches.isEmpty() ? Rest.NONE : branches.getFirst().rest())), rest);
    }

    public Link withCause(Cause newCause) {
        return new Link(id, newCause, branches, rest);
    }

    public Link withBranches(List<Branch> newBranches) {
        return new Link(id, cause, newBranches, rest);
    }
}
