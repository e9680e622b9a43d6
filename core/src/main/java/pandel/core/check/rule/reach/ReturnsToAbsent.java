package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Idles;
import pandel.core.check.solve.Solution;
import pandel.core.check.turn.Idle;
import pandel.core.model.Index.Way;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;

/**
 * {@code return-to-absent}: a return to a screen that does not lie behind. It weighs more when the link never does
 * anything else.
 */
public final class ReturnsToAbsent {

    private ReturnsToAbsent() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        for (Idles.At at :
                solution.idles().firsts(i -> !i.isRefused() && target(i).isPresent())) {
            Target to = target(at.idle()).orElseThrow();
            solution.prototype()
                    .index()
                    .way(at.idle().link())
                    .ifPresent(way -> findings.add(finding(solution, at, way, to)));
        }
        return findings;
    }

    private static Optional<Target> target(Idle idle) {
        return idle.move().filter(Effect.ReturnTo.class::isInstance).flatMap(Effect::target);
    }

    private static Finding finding(Solution solution, Idles.At at, Way way, Target to) {
        boolean never = !solution.fires(way.link().id())
                && !solution.perhapsFires(way.link().id());
        String from = at.node().cell.screen();
        String target = "“" + LinkWords.target(solution.prototype(), to) + "”";
        String sentence = FindingWords.link(solution.prototype(), way)
                + (never
                        ? " returns to " + target + ", which never lies behind it."
                        : " returns to " + target + ", which may not lie behind, on "
                                + FindingWords.screen(solution.prototype(), from) + ".");
        List<Fix> fixes = new ArrayList<>();
        Optional<Screen> page = Targets.shown(solution.prototype(), to)
                .filter(s -> to instanceof Target.ToScreen && s.form() == Form.PAGE);
        page.ifPresent(s -> fixes.add(Fixes.restartAt(solution.prototype(), way, s)));
        fixes.add(Fixes.removeLink(solution.prototype(), way));
        return new Finding(
                Rule.RETURN_TO_ABSENT,
                never ? Weight.PROBLEM : Weight.WARNING,
                sentence,
                List.of(from),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                Optional.of(at.walk()),
                fixes);
    }
}
