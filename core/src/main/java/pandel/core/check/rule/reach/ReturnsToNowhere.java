package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Idles;
import pandel.core.check.solve.Solution;
import pandel.core.model.Index.Way;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;

/**
 * {@code return-to-nowhere}: a return where nothing is behind. It weighs more when the link never does anything else.
 */
public final class ReturnsToNowhere {

    private ReturnsToNowhere() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        for (Idles.At at : solution.idles()
                .firsts(i -> !i.isRefused()
                        && i.move().filter(Effect.Return.class::isInstance).isPresent())) {
            solution.prototype()
                    .index()
                    .way(at.idle().link())
                    .ifPresent(way -> findings.add(finding(solution, at, way)));
        }
        return findings;
    }

    private static Finding finding(Solution solution, Idles.At at, Way way) {
        boolean never = !solution.fires(way.link().id())
                && !solution.perhapsFires(way.link().id());
        String screen = at.node().cell.screen();
        String sentence = FindingWords.link(solution.prototype(), way)
                + (never
                        ? " never has anything to return to."
                        : " can find nothing to return to, on " + FindingWords.screen(solution.prototype(), screen)
                                + ".");
        return new Finding(
                Rule.RETURN_TO_NOWHERE,
                never ? Weight.PROBLEM : Weight.WARNING,
                sentence,
                List.of(screen),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                Optional.of(at.walk()),
                List.of(Fixes.removeLink(solution.prototype(), way)));
    }
}
