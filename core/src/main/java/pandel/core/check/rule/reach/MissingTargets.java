package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Solution;
import pandel.core.check.turn.Idle;
import pandel.core.model.Index.Way;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/** {@code missing-target}: links that lead to what is not there, one finding for each thing that is missing. */
public final class MissingTargets {

    private MissingTargets() {}

    public static List<Finding> in(Solution solution) {
        Map<String, List<Way>> missing = new LinkedHashMap<>();
        for (Way way : solution.prototype().index().ways()) {
            if (way.from().stream().allMatch(s -> s.status() == Status.PARKED)) {
                continue;
            }
            // What lies behind is returned to whatever of it is gone.
            Set<String> behind = way.link()
                    .effects()
                    .filter(e -> e instanceof Effect.ReturnTo to && Targets.isThere(solution.prototype(), to.to()))
                    .flatMap(e -> e.target().stream())
                    .map(t -> Targets.shownId(solution.prototype(), t))
                    .collect(Collectors.toSet());
            way.targets().stream()
                    .filter(id -> solution.prototype().screen(id).isEmpty()
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
                                    && solution.prototype().drawer(m.drawer()).isEmpty()
                            ? Stream.of(m.drawer())
                            : Stream.empty())
                    .distinct()
                    .forEach(id -> missing.computeIfAbsent(id, key -> new ArrayList<>())
                            .add(way));
        }
        List<Finding> findings = new ArrayList<>();
        missing.forEach((id, ways) -> findings.add(finding(solution, id, ways)));
        return findings;
    }

    private static Finding finding(Solution solution, String id, List<Way> ways) {
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
                        + FindingWords.screens(solution.prototype(), screens)
                        + (ways.size() == 1 ? " leads" : " lead")
                        + (id.isEmpty()
                                ? " to something that is not chosen yet."
                                : " to “" + id + "”, which is not there."),
                screens,
                first.hotspot().map(Hotspot::id),
                Optional.of(first.link().id()),
                walk(solution, first),
                Fixes.missing(solution.prototype(), id, ways));
    }

    private static Optional<Walk> walk(Solution solution, Way way) {
        return solution.idles().walk(way.link().id(), Idle::isRefused);
    }
}
