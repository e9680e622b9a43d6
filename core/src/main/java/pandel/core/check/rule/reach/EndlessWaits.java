package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.model.screen.Screen;

/**
 * {@code endless-waits}: a round of screens, each moved on by a wait, on which nothing but device back does anything.
 */
public final class EndlessWaits {

    private EndlessWaits() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        Set<Set<String>> told = new HashSet<>();
        for (Reachability exploration : solution.explorations()) {
            Set<Node> inRounds = new HashSet<>();
            for (Node node : exploration.nodes()) {
                if (inRounds.contains(node)) {
                    continue;
                }
                WaitRun.round(exploration, node).ifPresent(round -> {
                    inRounds.addAll(round);
                    Set<String> screens = new LinkedHashSet<>();
                    round.forEach(n -> screens.add(n.cell.screen()));
                    if (told.add(screens)
                            && screens.stream()
                                    .noneMatch(id -> solution.prototype()
                                            .screen(id)
                                            .map(Screen::end)
                                            .orElse(false))) {
                        findings.add(finding(solution, exploration.walkTo(round.getFirst()), List.copyOf(screens)));
                    }
                });
            }
        }
        return findings;
    }

    private static Finding finding(Solution solution, Walk walk, List<String> screens) {
        String names = FindingWords.screens(solution.prototype(), screens);
        return Finding.about(
                Rule.ENDLESS_WAITS,
                Weight.PROBLEM,
                screens.size() == 1
                        ? names + " comes again and again by its own wait, and nothing can be done on it."
                        : names + " follow one another by waits for ever, and nothing can be done on them.",
                screens,
                Optional.of(walk));
    }
}
