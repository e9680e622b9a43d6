package pandel.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.Effect;
import pandel.core.model.Form;
import pandel.core.model.Hotspot;
import pandel.core.model.Index.Way;
import pandel.core.model.Link;
import pandel.core.model.Screen;
import pandel.core.model.Status;

/**
 * {@code return-to-absent}: a return to a screen that does not lie behind. It weighs more when the link never does
 * anything else.
 */
final class ReturnsToAbsent {

    private ReturnsToAbsent() {
    }

    static List<Finding> in(Grounds grounds) {
        Map<String, Finding> findings = new LinkedHashMap<>();
        for (Exploration exploration : grounds.explorations()) {
            for (Node node : exploration.nodes()) {
                for (Way way : grounds.prototype().index().waysOut(node.cell.screen())) {
                    target(grounds, way.link()).filter(to -> node.nothing.contains(way.link().id())).ifPresent(to ->
                            findings.computeIfAbsent(way.link().id(), id -> finding(grounds, exploration, node, way, to)));
                }
            }
        }
        return new ArrayList<>(findings.values());
    }

    private static Optional<Screen> target(Grounds grounds, Link link) {
        return link.effects().filter(Effect.ReturnTo.class::isInstance).findFirst().flatMap(Effect::target)
                .flatMap(to -> to.shown(grounds.prototype())).filter(to -> to.status() != Status.PARKED);
    }

    private static Finding finding(Grounds grounds, Exploration exploration, Node node, Way way, Screen to) {
        boolean never = !grounds.fires(way.link().id()) && !grounds.perhapsFires(way.link().id());
        String screen = Words.screen(grounds.prototype(), node.cell.screen());
        String target = Words.screen(grounds.prototype(), to.id());
        Walk walk = exploration.walkTo(node).andTouching(way);
        String sentence = Words.link(grounds.prototype(), way) + (never ? " returns to " + target + ", which never lies behind it."
                : " returns to " + target + ", which may not lie behind, on " + screen + ".");
        List<Fix> fixes = new ArrayList<>();
        if (to.form() == Form.PAGE) {
            fixes.add(Fixes.restartAt(grounds.prototype(), way, to));
        }
        fixes.add(Fixes.removeLink(grounds.prototype(), way));
        return new Finding(Rule.RETURN_TO_ABSENT, never ? Weight.PROBLEM : Weight.WARNING, sentence, List.of(node.cell.screen()),
                way.hotspot().map(Hotspot::id), Optional.of(way.link().id()), Optional.of(walk), fixes);
    }
}
