package pandel.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Device;
import pandel.core.model.Effect;
import pandel.core.model.Hotspot;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;

/** {@code device-cannot}: links that open above where a named device shows no more levels. */
final class DeviceRefusals {

    private DeviceRefusals() {
    }

    static List<Finding> in(Grounds grounds) {
        Map<Way, Node> refused = new LinkedHashMap<>();
        Map<Way, Exploration> where = new LinkedHashMap<>();
        for (Exploration exploration : grounds.explorations()) {
            for (Node node : exploration.nodes()) {
                if (isFull(exploration, node)) {
                    for (Way way : grounds.prototype().index().waysOut(node.cell.screen())) {
                        if (opens(grounds.prototype(), way) && refused.putIfAbsent(way, node) == null) {
                            where.put(way, exploration);
                        }
                    }
                }
            }
        }
        List<Finding> findings = new ArrayList<>();
        refused.forEach((way, node) -> findings.add(finding(grounds, way, node, where.get(way))));
        return findings;
    }

    private static Finding finding(Grounds grounds, Way way, Node node, Exploration exploration) {
        Set<String> devices = new LinkedHashSet<>(grounds.prototype().devices().stream()
                .filter(d -> d.levels() == exploration.device().levels()).map(Device::title).toList());
        int levels = exploration.device().levels();
        boolean never = !grounds.fires(way.link().id());
        List<Fix> fixes = new ArrayList<>();
        way.link().effect().flatMap(Effect::target).flatMap(t -> grounds.prototype().screen(t.id())).map(Screen::form)
                .filter(form -> form == node.cell.level().form()).ifPresent(form ->
                        fixes.add(Fixes.goOn(grounds.prototype(), way)));
        fixes.add(Fixes.removeLink(grounds.prototype(), way));
        return new Finding(Rule.DEVICE_CANNOT, never ? Weight.PROBLEM : Weight.WARNING, Words.link(grounds.prototype(), way) + " opens one thing more above than "
                + String.join(" and ", devices) + " can show: " + (levels == 1 ? "nothing above the page." : "no more than " + levels + " above one another."),
                List.of(node.cell.screen()), way.hotspot().map(Hotspot::id), Optional.of(way.link().id()), Optional.of(exploration.walkTo(node)), fixes);
    }

    private static boolean isFull(Exploration exploration, Node node) {
        return exploration.device().levels() > 0 && node.cell.levels() >= exploration.device().levels();
    }

    private static boolean opens(Prototype prototype, Way way) {
        return way.link().effects().anyMatch(e -> e instanceof Effect.OpenAbove open && prototype.screen(open.screen().id()).isPresent());
    }

    /** Whether a device refuses a link on a reached screen. */
    static boolean refuses(Grounds grounds, Way way) {
        return opens(grounds.prototype(), way) && grounds.explorations().stream().filter(e -> e.device().levels() > 0)
                .anyMatch(e -> way.from().stream().anyMatch(s -> e.nodesOn(s.id()).stream().anyMatch(n -> isFull(e, n))));
    }
}
