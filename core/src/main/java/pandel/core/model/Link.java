package pandel.core.model;

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

    /** The first effect of the first branch. */
    public Optional<Effect> effect() {
        return branches.stream().flatMap(branch -> branch.effects().stream()).findFirst();
    }

    /** The same link doing that instead, moving as usual. */
    public Link doing(Effect effect) {
        return new Link(id, cause, List.of(Branch.of(effect)), rest);
    }

    public Link withCause(Cause newCause) {
        return new Link(id, newCause, branches, rest);
    }

    public Link withBranches(List<Branch> newBranches) {
        return new Link(id, cause, newBranches, rest);
    }
}
