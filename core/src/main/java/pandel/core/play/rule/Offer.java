package pandel.core.play.rule;

import java.util.List;
import pandel.core.model.link.Branch;

/** How a link can turn out at a head. */
public sealed interface Offer {

    /** It does nothing, whatever the outcome. */
    record Nothing(String why) implements Offer {}

    /** One branch, taken unasked. */
    record One(Branch branch) implements Offer {}

    /** Two or more branches of which the outcome chooses one, no two of the same outcome. */
    record Several(List<Branch> branches) implements Offer {
        public Several {
            branches = List.copyOf(branches);
        }
    }

    /** Names of the outcomes on offer. */
    default List<String> outcomes() {
        return switch (this) {
            case Nothing n -> List.of();
            case One one -> one.branch().outcome().stream().toList();
            case Several several ->
                several.branches().stream().map(b -> b.outcome().orElseThrow()).toList();
        };
    }
}
