package pandel.core.check.rule.frame;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.fix.RoundFixes;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.check.turn.Turn;
import pandel.core.model.Index.Way;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.rule.TrailAction;

/** {@code set-in-itself}: a tab set put on top of itself from within. */
public final class SetInItself {

    private SetInItself() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        Set<String> told = new HashSet<>();
        if (solution.prototype().tabSets().isEmpty()) {
            return findings;
        }
        for (Reachability exploration : solution.explorations()) {
            for (Node node : exploration.nodes()) {
                if (node.cell.around().isEmpty()) {
                    continue;
                }
                for (Turn turn : node.turns()) {
                    within(solution, node, turn)
                            .filter(set -> told.add(turn.link().orElse("") + " " + set.id()))
                            .ifPresent(set -> turn.link()
                                    .flatMap(id -> solution.prototype().index().way(id))
                                    .ifPresent(
                                            way -> findings.add(finding(solution, exploration, node, turn, way, set))));
                }
            }
        }
        return findings;
    }

    private static Optional<TabSet> within(Solution solution, Node node, Turn turn) {
        return turn.actions().getLast() instanceof TrailAction.Put put
                ? put.to().tabs().stream()
                        .filter(t -> node.cell.isIn(t.set()))
                        .findFirst()
                        .flatMap(t -> solution.prototype().tabSet(t.set()))
                : Optional.empty();
    }

    private static Finding finding(
            Solution solution, Reachability exploration, Node node, Turn turn, Way way, TabSet set) {
        return new Finding(
                Rule.SET_IN_ITSELF,
                Weight.WARNING,
                FindingWords.link(solution.prototype(), way) + " puts “" + set.shownTitle()
                        + "” on top of itself: it is done from within it.",
                List.of(node.cell.screen()),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                Optional.of(exploration.walkTo(node).and(turn.events())),
                List.of(
                        RoundFixes.switchWithin(solution.prototype(), way, set),
                        Fixes.removeLink(solution.prototype(), way)));
    }
}
