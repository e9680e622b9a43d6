package pandel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
final class ReturnsToAbsent {

    private ReturnsToAbsent() {}

    static List<Finding> in(Grounds grounds) {
        List<Finding> findings = new ArrayList<>();
        for (Idles.At at :
                grounds.idles().firsts(i -> !i.isRefused() && target(i).isPresent())) {
            Target to = target(at.idle()).orElseThrow();
            grounds.prototype()
                    .index()
                    .way(at.idle().link())
                    .ifPresent(way -> findings.add(finding(grounds, at, way, to)));
        }
        return findings;
    }

    private static Optional<Target> target(Idle idle) {
        return idle.move().filter(Effect.ReturnTo.class::isInstance).flatMap(Effect::target);
    }

    private static Finding finding(Grounds grounds, Idles.At at, Way way, Target to) {
        boolean never = !grounds.fires(way.link().id())
                && !grounds.perhapsFires(way.link().id());
        String from = at.node().cell.screen();
        String target = "“" + LinkWords.target(grounds.prototype(), to) + "”";
        String sentence = Words.link(grounds.prototype(), way)
                + (never
                        ? " returns to " + target + ", which never lies behind it."
                        : " returns to " + target + ", which may not lie behind, on "
                                + Words.screen(grounds.prototype(), from) + ".");
        List<Fix> fixes = new ArrayList<>();
        Optional<Screen> page = Targets.shown(grounds.prototype(), to)
                .filter(s -> to instanceof Target.ToScreen && s.form() == Form.PAGE);
        page.ifPresent(s -> fixes.add(Fixes.restartAt(grounds.prototype(), way, s)));
        fixes.add(Fixes.removeLink(grounds.prototype(), way));
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
