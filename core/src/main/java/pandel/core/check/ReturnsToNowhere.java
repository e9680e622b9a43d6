package pandel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Index.Way;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;

/**
 * {@code return-to-nowhere}: a return where nothing is behind. It weighs more when the link never does anything else.
 */
final class ReturnsToNowhere {

    private ReturnsToNowhere() {}

    static List<Finding> in(Grounds grounds) {
        List<Finding> findings = new ArrayList<>();
        for (Idles.At at : grounds.idles()
                .firsts(i -> !i.isRefused()
                        && i.move().filter(Effect.Return.class::isInstance).isPresent())) {
            grounds.prototype().index().way(at.idle().link()).ifPresent(way -> findings.add(finding(grounds, at, way)));
        }
        return findings;
    }

    private static Finding finding(Grounds grounds, Idles.At at, Way way) {
        boolean never = !grounds.fires(way.link().id())
                && !grounds.perhapsFires(way.link().id());
        String screen = at.node().cell.screen();
        String sentence = Words.link(grounds.prototype(), way)
                + (never
                        ? " never has anything to return to."
                        : " can find nothing to return to, on " + Words.screen(grounds.prototype(), screen) + ".");
        return new Finding(
                Rule.RETURN_TO_NOWHERE,
                never ? Weight.PROBLEM : Weight.WARNING,
                sentence,
                List.of(screen),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                Optional.of(at.walk()),
                List.of(Fixes.removeLink(grounds.prototype(), way)));
    }
}
