package pandel.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.model.Index.Way;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/** {@code missing-target}: links that lead to what is not there, one finding for each thing that is missing. */
final class MissingTargets {

    private MissingTargets() {}

    static List<Finding> in(Grounds grounds) {
        Map<String, List<Way>> missing = new LinkedHashMap<>();
        for (Way way : grounds.prototype().index().ways()) {
            if (way.from().stream().allMatch(s -> s.status() == Status.PARKED)) {
                continue;
            }
            // What lies behind is returned to whatever of it is gone.
            Set<String> behind = way.link()
                    .effects()
                    .filter(e -> e instanceof Effect.ReturnTo to && Targets.isThere(grounds.prototype(), to.to()))
                    .flatMap(e -> e.target().stream())
                    .map(t -> Targets.shownId(grounds.prototype(), t))
                    .collect(Collectors.toSet());
            way.targets().stream()
                    .filter(id -> grounds.prototype().screen(id).isEmpty()
                            && !(behind.contains(id)
                                    && way.link()
                                            .effects()
                                            .filter(Effect::isMove)
                                            .allMatch(Effect.ReturnTo.class::isInstance)))
                    .forEach(id -> missing.computeIfAbsent(id, key -> new ArrayList<>())
                            .add(way));
            way.link()
                    .effects()
                    .flatMap(e -> e instanceof Effect.MoveDrawer m
                                    && grounds.prototype().drawer(m.drawer()).isEmpty()
                            ? Stream.of(m.drawer())
                            : Stream.empty())
                    .distinct()
                    .forEach(id -> missing.computeIfAbsent(id, key -> new ArrayList<>())
                            .add(way));
        }
        List<Finding> findings = new ArrayList<>();
        missing.forEach((id, ways) -> findings.add(finding(grounds, id, ways)));
        return findings;
    }

    private static Finding finding(Grounds grounds, String id, List<Way> ways) {
        List<String> screens = ways.stream()
                .flatMap(w -> w.from().stream())
                .map(Screen::id)
                .distinct()
                .toList();
        Way first = ways.getFirst();
        String who = ways.size() == 1 ? "A link on " : ways.size() + " links on ";
        return new Finding(
                Rule.MISSING_TARGET,
                Weight.PROBLEM,
                who
                        + Words.screens(grounds.prototype(), screens)
                        + (ways.size() == 1 ? " leads" : " lead")
                        + (id.isEmpty()
                                ? " to something that is not chosen yet."
                                : " to “" + id + "”, which is not there."),
                screens,
                first.hotspot().map(Hotspot::id),
                Optional.of(first.link().id()),
                walk(grounds, first),
                Fixes.missing(grounds.prototype(), id, ways));
    }

    private static Optional<Walk> walk(Grounds grounds, Way way) {
        return grounds.idles().walk(way.link().id(), Idle::isRefused);
    }
}
