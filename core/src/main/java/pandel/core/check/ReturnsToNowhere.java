package pandel.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.Effect;
import pandel.core.model.Hotspot;
import pandel.core.model.Index.Way;

/** {@code return-to-nowhere}: a return where nothing is behind. It weighs more when the link never does anything else. */
final class ReturnsToNowhere {

    private ReturnsToNowhere() {
    }

    static List<Finding> in(Grounds grounds) {
        Map<String, Finding> findings = new LinkedHashMap<>();
        for (Exploration exploration : grounds.explorations()) {
            for (Node node : exploration.nodes()) {
                if (node.cell.level().base() && node.cell.first()) {
                    for (Way way : grounds.prototype().index().waysOut(node.cell.screen())) {
                        if (way.link().effects().anyMatch(Effect.Return.class::isInstance) && node.nothing.contains(way.link().id())) {
                            findings.computeIfAbsent(way.link().id(), id -> finding(grounds, exploration, node, way));
                        }
                    }
                }
            }
        }
        return new ArrayList<>(findings.values());
    }

    private static Finding finding(Grounds grounds, Exploration exploration, Node node, Way way) {
        boolean never = !grounds.fires(way.link().id());
        String screen = Words.screen(grounds.prototype(), node.cell.screen());
        Walk walk = exploration.walkTo(node).andTouching(way);
        String sentence = Words.link(grounds.prototype(), way) + (never ? " never has anything to return to." : " can find nothing to return to, on " + screen + ".");
        return new Finding(Rule.RETURN_TO_NOWHERE, never ? Weight.PROBLEM : Weight.WARNING, sentence, List.of(node.cell.screen()),
                way.hotspot().map(Hotspot::id), Optional.of(way.link().id()), Optional.of(walk), List.of(Fixes.removeLink(grounds.prototype(), way)));
    }
}
