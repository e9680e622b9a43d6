package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.fix.HotspotFixes;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.edit.frame.HeaderEdits;
import pandel.core.model.Attachments;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Header;
import pandel.core.model.link.Cause;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/**
 * {@code dead-end} and {@code only-device-back}: reached screens that nothing, or nothing but the device's own back,
 * leads on from. A screen stuck on every device is a dead end; one that device back saves on some devices and not on
 * others is only-device-back, and a problem. One screen, one finding.
 */
public final class DeadEnds {

    private DeadEnds() {}

    private static final class Stuck {
        Optional<Walk> dead = Optional.empty();
        Optional<Walk> onlyBack = Optional.empty();
        final List<String> deadOn = new ArrayList<>();
        /** The first place that is a dead end, and where. */
        Optional<Node> place = Optional.empty();

        Optional<Reachability> on = Optional.empty();
    }

    public static List<Finding> in(Solution solution) {
        Map<String, Stuck> stuck = new LinkedHashMap<>();
        Set<String> doubted = new LinkedHashSet<>();
        for (Reachability exploration : solution.explorations()) {
            exploration.perhapsStuck().stream()
                    .filter(id -> !solution.prototype().screen(id).orElseThrow().end())
                    .forEach(doubted::add);
            List<Node> nodes = exploration.nodes().stream()
                    .filter(node -> !screen(solution, node).end())
                    .toList();
            LeadsOn leads = new LeadsOn(exploration, false, nodes);
            Map<LeadsOn.Answer, List<Node>> answers = nodes.stream().collect(Collectors.groupingBy(leads::from));
            answers.getOrDefault(LeadsOn.Answer.UNKNOWN, List.of()).forEach(node -> doubted.add(node.cell.screen()));
            List<Node> stops = answers.getOrDefault(LeadsOn.Answer.NO, List.of());
            LeadsOn byBack = new LeadsOn(exploration, true, stops);
            stops.forEach(node ->
                    note(stuck.computeIfAbsent(node.cell.screen(), id -> new Stuck()), exploration, node, byBack));
        }
        List<Finding> findings = new ArrayList<>();
        stuck.forEach((id, s) -> {
            List<Hotspot> unplaced = unplaced(solution, s);
            Finding finding = finding(solution, id, s, unplaced);
            boolean isPlace = finding.rule() == Rule.DEAD_END && !unplaced.isEmpty();
            findings.add(
                    isPlace
                            ? finding.at(unplaced.getFirst().id()).with(placing(solution, id, unplaced))
                            : finding.with(fixes(solution, id, s)));
        });
        doubted.stream()
                .filter(id -> !stuck.containsKey(id))
                .forEach(id -> solution.unsettled()
                        .accept(new Unsettled(
                                Rule.DEAD_END,
                                id,
                                "Whether " + FindingWords.screen(solution.prototype(), id) + " is a dead end.")));
        return findings;
    }

    private static void note(Stuck stuck, Reachability exploration, Node node, LeadsOn byBack) {
        // With no doubt without device back there is none with it but that of what device back uncovers of the same
        // screen.
        if (byBack.from(node) != LeadsOn.Answer.NO) {
            stuck.onlyBack = stuck.onlyBack.or(() -> Optional.of(exploration.walkTo(node)));
        } else {
            stuck.dead = stuck.dead.or(() -> Optional.of(exploration.walkTo(node)));
            stuck.place = stuck.place.or(() -> Optional.of(node));
            stuck.on = stuck.on.or(() -> Optional.of(exploration));
            if (!stuck.deadOn.contains(exploration.device().title())) {
                stuck.deadOn.add(exploration.device().title());
            }
        }
    }

    /** The hotspots with links that cannot be touched there: they stand nowhere on the picture that shows. */
    private static List<Hotspot> unplaced(Solution solution, Stuck stuck) {
        if (stuck.place.isEmpty()) {
            return List.of();
        }
        Screen screen = screen(solution, stuck.place.get());
        Width width =
                solution.prototype().widths().of(stuck.on.orElseThrow().device().width());
        Look look = Look.of(solution.prototype(), screen, stuck.place.get().cell.known());
        List<Hotspot> placed = look.hotspots(solution.prototype(), width);
        return look.hotspots(solution.prototype()).stream()
                .filter(h -> !placed.contains(h) && !h.links().isEmpty())
                .toList();
    }

    private static List<Fix> placing(Solution solution, String id, List<Hotspot> unplaced) {
        Screen screen = solution.prototype().screen(id).orElseThrow();
        return List.of(HotspotFixes.placeLikewise(screen, unplaced), Fixes.end(screen));
    }

    private static Finding finding(Solution solution, String id, Stuck stuck, List<Hotspot> unplaced) {
        String title = FindingWords.screen(solution.prototype(), id);
        boolean everywhere = solution.explorations().size() == stuck.deadOn.size();
        if (stuck.dead.isPresent() && (everywhere || stuck.onlyBack.isEmpty())) {
            return Finding.about(
                    Rule.DEAD_END,
                    Weight.PROBLEM,
                    title + " is a dead end: " + reason(solution, id, stuck, unplaced)
                            + (everywhere || !unplaced.isEmpty()
                                    ? "."
                                    : " (on " + String.join(", ", stuck.deadOn) + ")."),
                    List.of(id),
                    stuck.dead);
        }
        if (stuck.dead.isPresent()) {
            return Finding.about(
                    Rule.ONLY_DEVICE_BACK,
                    Weight.PROBLEM,
                    "From " + title + " only the device’s own back leads on, and " + String.join(", ", stuck.deadOn)
                            + " has none.",
                    List.of(id),
                    stuck.dead);
        }
        return Finding.about(
                Rule.ONLY_DEVICE_BACK,
                Weight.WARNING,
                "From " + title + " only the device’s own back leads on.",
                List.of(id),
                stuck.onlyBack);
    }

    private static List<Fix> fixes(Solution solution, String id, Stuck stuck) {
        Screen screen = solution.prototype().screen(id).orElseThrow();
        List<Fix> fixes = new ArrayList<>();
        hidden(solution, id, stuck)
                .ifPresent(header -> fixes.add(new Fix(
                        "Show the header there again",
                        "“" + header.shownTitle() + "” is hidden on it.",
                        "Its sign goes back from there.",
                        HeaderEdits.hide(header, screen, false))));
        Fixes.sharedReturn(solution.prototype(), screen).ifPresent(fixes::add);
        fixes.addAll(Fixes.closeAsUsual(screen));
        fixes.add(Fixes.end(screen));
        return fixes;
    }

    /** The header whose sign would go back from where it is stuck, were it not hidden there. */
    private static Optional<Header> hidden(Solution solution, String id, Stuck stuck) {
        Prototype prototype = solution.prototype();
        return stuck.place
                .filter(n -> !n.cell.first() || !n.cell.level().base())
                .flatMap(n -> prototype.headers().stream()
                        .filter(h -> h.left().kind() == Header.Kind.BACK
                                && h.hiddenOn().contains(id)
                                && Attachments.isAttached(prototype, h.on(), id, n.cell::isIn))
                        .findFirst());
    }

    private static String reason(Solution solution, String id, Stuck stuck, List<Hotspot> unplaced) {
        if (!unplaced.isEmpty()) {
            return FindingWords.hotspot(solution.prototype(), id, unplaced.getFirst())
                    + (unplaced.size() == 1 ? " has" : " and " + (unplaced.size() - 1) + " more have")
                    + " no place on the picture that "
                    + stuck.on.orElseThrow().device().title() + " shows";
        }
        Optional<Header> header = hidden(solution, id, stuck);
        if (header.isPresent()) {
            return "the header “" + header.get().shownTitle() + "”, whose sign goes back, is hidden on it";
        }
        boolean worked = stuck.place.filter(n -> n.cell.waited() != 0).isPresent()
                && solution.prototype().index().waysOut(id).stream()
                        .anyMatch(w -> w.link().cause() instanceof Cause.Work);
        if (worked) {
            return "once its work is done, nothing leads on";
        }
        int links = solution.prototype().index().waysOut(id).size();
        int hotspots = solution.prototype().index().hotspotsOn(id).size();
        if (links > 0) {
            return links == 1
                    ? "its one link leads to no other screen"
                    : "none of its " + links + " links leads to another screen";
        }
        return hotspots > 0 ? "its hotspots have no links" : "it has no links";
    }

    private static Screen screen(Solution solution, Node node) {
        return solution.prototype().screen(node.cell.screen()).orElseThrow();
    }
}
