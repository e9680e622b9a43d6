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
import pandel.core.check.turn.Idle;
import pandel.core.model.Index.Way;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;

/**
 * {@code row-absent}: a link to the next or previous row, on a screen that was come to from no row of a list. It weighs
 * more when the link never does anything else.
 */
public final class RowsAbsent {

    private RowsAbsent() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        for (Idles.At at : solution.idles().firsts(RowsAbsent::isWithoutRow)) {
            solution.prototype()
                    .index()
                    .way(at.idle().link())
                    .ifPresent(way -> findings.add(finding(solution, at, way)));
        }
        return findings;
    }

    /** Whether it is refused because its place was come to from no row. */
    static boolean isWithoutRow(Idle idle) {
        return idle.isRefused()
                && idle.lack().isEmpty()
                && idle.known().held().from().isEmpty()
                && idle.move().filter(Effect.StepRow.class::isInstance).isPresent();
    }

    private static Finding finding(Solution solution, Idles.At at, Way way) {
        boolean never = !solution.fires(way.link().id())
                && !solution.perhapsFires(way.link().id());
        String from = at.node().cell.screen();
        String verb = at.idle().move().orElseThrow().verb().word();
        return new Finding(
                Rule.ROW_ABSENT,
                never ? Weight.PROBLEM : Weight.WARNING,
                FindingWords.link(solution.prototype(), way) + " goes to the " + verb
                        + (never ? ", and nothing leads to " : ", and not all that leads to ")
                        + FindingWords.screen(solution.prototype(), from)
                        + (never ? " from a row of a list." : " is a row of a list."),
                List.of(from),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                Optional.of(at.walk()),
                List.of(Fixes.removeLink(solution.prototype(), way)));
    }
}
