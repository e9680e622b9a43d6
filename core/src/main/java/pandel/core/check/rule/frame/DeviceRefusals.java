package pandel.core.check.rule.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Attachments;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/**
 * {@code device-cannot}: links that open above where a named device shows no more levels, or advance from a sequence
 * where it does not; drawers on one that has none.
 */
public final class DeviceRefusals {

    /** Where something is refused. */
    private record At(Reachability exploration, Node node) {}

    private final Solution solution;
    private final Prototype prototype;
    private final Map<Way, At> tooDeep = new LinkedHashMap<>();
    private final Map<Way, At> fromSequence = new LinkedHashMap<>();
    private final Map<Drawer, At> drawers = new LinkedHashMap<>();
    /** Ids of the screens that each drawer stands on. */
    private final Map<Drawer, Set<String>> standing = new HashMap<>();

    private DeviceRefusals(Solution solution) {
        this.solution = solution;
        this.prototype = solution.prototype();
        prototype
                .drawers()
                .forEach(d -> standing.put(
                        d,
                        Attachments.screens(prototype, d).stream()
                                .map(Screen::id)
                                .collect(Collectors.toSet())));
    }

    public static List<Finding> in(Solution solution) {
        DeviceRefusals refusals = new DeviceRefusals(solution);
        solution.explorations().forEach(e -> e.nodes().forEach(n -> refusals.look(new At(e, n))));
        List<Finding> findings = new ArrayList<>();
        refusals.tooDeep.forEach((way, at) -> findings.add(refusals.tooDeep(way, at)));
        refusals.fromSequence.forEach((way, at) -> findings.add(refusals.fromSequence(way, at)));
        refusals.drawers.forEach((drawer, at) -> findings.add(refusals.noDrawers(drawer, at)));
        return findings;
    }

    private void look(At at) {
        boolean full = isFull(at.exploration(), at.node());
        boolean stuck = isStuck(at.exploration(), at.node());
        if (full || stuck) {
            for (Way way : prototype.index().waysOut(at.node().cell.screen())) {
                if (full && opens(prototype, way)) {
                    tooDeep.putIfAbsent(way, at);
                }
                if (stuck && advances(way)) {
                    fromSequence.putIfAbsent(way, at);
                }
            }
        }
        if (hasNoDrawers(at.exploration())
                && drawers.size() < prototype.drawers().size()) {
            prototype.drawers().stream()
                    .filter(d -> Objects.requireNonNull(standing.get(d))
                            .contains(at.node().cell.screen()))
                    .forEach(d -> drawers.putIfAbsent(d, at));
        }
    }

    private Finding tooDeep(Way way, At at) {
        int levels = at.exploration().device().levels();
        List<Fix> fixes = new ArrayList<>();
        way.link()
                .effect()
                .flatMap(Effect::target)
                .flatMap(t -> prototype.screen(t.id()))
                .map(Screen::form)
                .filter(form -> form == at.node().cell.level().form())
                .ifPresent(form -> fixes.add(Fixes.goOn(prototype, way)));
        return link(
                way,
                at,
                fixes,
                FindingWords.link(prototype, way) + " opens one thing more above than "
                        + devices(d -> d.levels() == levels)
                        + " can show: "
                        + (levels == 1 ? "nothing above the page." : "no more than " + levels + " above one another."));
    }

    private Finding fromSequence(Way way, At at) {
        List<Fix> fixes = new ArrayList<>(List.of(new Fix(
                "Put it in place of the sequence",
                FindingWords.link(prototype, way) + " advances.",
                "It replaces the sequence, which does not lie behind then.",
                LinkEdits.change(
                        "replace the sequence",
                        way.link()
                                .withBranches(way.link().branches().stream()
                                        .map(b -> b.withEffects(b.effects().stream()
                                                .map(e ->
                                                        e instanceof Effect.Advance a ? new Effect.Replace(a.to()) : e)
                                                .toList()))
                                        .toList())))));
        return link(
                way,
                at,
                fixes,
                FindingWords.link(prototype, way) + " advances from a page of a sequence, which "
                        + devices(d -> d.cannot().contains(Device.Cannot.ADVANCE_FROM_A_SEQUENCE)) + " cannot do.");
    }

    private Finding link(Way way, At at, List<Fix> fixes, String sentence) {
        fixes.add(Fixes.removeLink(prototype, way));
        return new Finding(
                Rule.DEVICE_CANNOT,
                solution.fires(way.link().id()) ? Weight.WARNING : Weight.PROBLEM,
                sentence,
                List.of(at.node().cell.screen()),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                Optional.of(at.exploration().walkTo(at.node())),
                fixes);
    }

    private Finding noDrawers(Drawer drawer, At at) {
        return new Finding(
                Rule.DEVICE_CANNOT,
                Weight.WARNING,
                "“" + drawer.shownTitle() + "” is not there on "
                        + devices(d -> d.cannot().contains(Device.Cannot.DRAWERS))
                        + ": it has no drawers. What leads on from its items alone is out of reach.",
                List.of(at.node().cell.screen()),
                Optional.empty(),
                Optional.empty(),
                Optional.of(at.exploration().walkTo(at.node())),
                Drawers.instead(prototype, drawer));
    }

    private String devices(Predicate<Device> which) {
        Set<String> titles = new LinkedHashSet<>(
                prototype.devices().stream().filter(which).map(Device::title).toList());
        return String.join(" and ", titles);
    }

    private static boolean isFull(Reachability exploration, Node node) {
        return exploration.device().levels() > 0
                && node.cell.levels() >= exploration.device().levels();
    }

    private static boolean isStuck(Reachability exploration, Node node) {
        return node.cell.at().isPresent()
                && exploration.device().cannot().contains(Device.Cannot.ADVANCE_FROM_A_SEQUENCE);
    }

    private static boolean hasNoDrawers(Reachability exploration) {
        return exploration.device().cannot().contains(Device.Cannot.DRAWERS);
    }

    private static boolean opens(Prototype prototype, Way way) {
        return way.link()
                .effects()
                .anyMatch(e -> e instanceof Effect.OpenAbove open
                        && Targets.shown(prototype, open.screen()).isPresent());
    }

    private static boolean advances(Way way) {
        return way.link().effects().anyMatch(Effect.Advance.class::isInstance);
    }

    /** Whether a device refuses a link on a reached screen. */
    public static boolean refuses(Solution solution, Way way) {
        boolean opens = opens(solution.prototype(), way);
        boolean advances = advances(way);
        boolean draws = way.drawer().isPresent() || way.link().effects().anyMatch(Effect.MoveDrawer.class::isInstance);
        return (opens || advances || draws)
                && solution.explorations().stream()
                        .anyMatch(e -> way.from().stream()
                                .flatMap(s -> e.nodesOn(s.id()).stream())
                                .anyMatch(n -> opens && isFull(e, n)
                                        || advances && isStuck(e, n)
                                        || draws && hasNoDrawers(e)));
    }
}
