package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.solve.Solution;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.link.Branch;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/**
 * {@code branch-never}: branches behind one that holds whenever they do, so that they are never reached or never on
 * offer.
 */
public final class BranchesNever {

    private BranchesNever() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        for (Way way : solution.prototype().index().ways()) {
            if (way.from().stream().anyMatch(s -> s.status() != Status.PARKED)) {
                look(solution, way, findings);
            }
        }
        return findings;
    }

    private static void look(Solution solution, Way way, List<Finding> findings) {
        List<Branch> branches = way.link().branches();
        for (int i = 1; i < branches.size(); i++) {
            Branch branch = branches.get(i);
            Optional<Branch> before = branches.subList(0, i).stream()
                    .filter(b -> shutsOut(b, branch))
                    .findFirst();
            if (before.isPresent()) {
                String which = branch.outcome().map(o -> "“" + o + "”").orElse("way " + (i + 1) + " to turn out");
                List<Branch> left = new ArrayList<>(branches);
                left.remove(i);
                Fix fix = new Fix(
                        "Take it out",
                        "It has " + branches.size() + " ways to turn out.",
                        "It has " + left.size() + ".",
                        LinkEdits.change(
                                "take out a way that is never chosen",
                                way.link().withBranches(left)));
                findings.add(new Finding(
                        Rule.BRANCH_NEVER,
                        Weight.WARNING,
                        FindingWords.link(solution.prototype(), way) + " never comes to " + which + ": "
                                + before.get()
                                        .outcome()
                                        .map(o -> branch.outcome().isEmpty()
                                                ? "“" + o + "” holds whenever it does, and then an outcome is chosen."
                                                : "“" + o + "” stands before it already.")
                                        .orElse("the one before it holds whenever it does."),
                        way.from().stream().map(Screen::id).toList(),
                        way.hotspot().map(Hotspot::id),
                        Optional.of(way.link().id()),
                        way.from().stream()
                                .map(Screen::id)
                                .filter(solution::shown)
                                .findFirst()
                                .flatMap(solution::walkTo),
                        List.of(fix)));
            }
        }
    }

    /**
     * Whether a branch, looked at first, keeps another from ever being done: it holds whenever that does, and is taken
     * or offered in its stead.
     */
    private static boolean shutsOut(Branch first, Branch later) {
        return later.when().containsAll(first.when())
                && (first.outcome().isEmpty()
                        || later.outcome().isEmpty()
                        || first.outcome().equals(later.outcome()));
    }
}
