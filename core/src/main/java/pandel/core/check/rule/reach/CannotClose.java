package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Closing;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.model.screen.Screen;

/**
 * {@code cannot-close}: a reached overlay that no list of events ever closes, unless it is a dead end, which says more.
 */
public final class CannotClose {

    private CannotClose() {}

    /** @param dead ids of the screens that are dead ends */
    public static List<Finding> in(Solution solution, Set<String> dead) {
        Map<String, Finding> findings = new LinkedHashMap<>();
        Set<String> doubted = new LinkedHashSet<>();
        for (Reachability exploration : solution.explorations()) {
            // What follows on a level that never closes is the same trouble, told of once, where it begins.
            Set<Node> told = new HashSet<>();
            doubted.addAll(exploration.perhapsShut());
            List<Node> open = exploration.nodes().stream()
                    .filter(node -> !node.cell.level().base()
                            && !Closing.closesAtOnce(node)
                            && !dead.contains(node.cell.screen())
                            && !isEnd(solution, node.cell.screen()))
                    .toList();
            if (open.isEmpty()) {
                continue;
            }
            Closing closing = new Closing(exploration, open);
            for (Node node : open) {
                String screen = node.cell.screen();
                if (told.contains(node)) {
                    continue;
                }
                switch (closing.closes(node)) {
                    case YES -> {}
                    // What could be at most was followed where not everything was looked at.
                    case UNKNOWN -> {
                        if (!exploration.surelyCloses(node)) {
                            doubted.add(screen);
                        }
                    }
                    case NO -> {
                        Set<Node> on = closing.onLevel(node);
                        told.addAll(on);
                        Set<String> screens = new LinkedHashSet<>(List.of(screen));
                        on.stream()
                                .sorted(Comparator.comparingInt(n -> n.distance))
                                .forEach(n -> screens.add(n.cell.screen()));
                        findings.putIfAbsent(screen, finding(solution, exploration, node, List.copyOf(screens)));
                    }
                }
            }
        }
        doubted.stream()
                .filter(id -> !findings.containsKey(id) && !dead.contains(id) && !isEnd(solution, id))
                .forEach(id -> solution.unsettled()
                        .accept(new Unsettled(
                                Rule.CANNOT_CLOSE,
                                id,
                                "Whether " + FindingWords.screen(solution.prototype(), id)
                                        + " can always be closed.")));
        return new ArrayList<>(findings.values());
    }

    private static boolean isEnd(Solution solution, String screen) {
        return solution.prototype().screen(screen).map(Screen::end).orElse(false);
    }

    /** @param screens that of the node, and those that follow it on the level */
    private static Finding finding(Solution solution, Reachability exploration, Node node, List<String> screens) {
        String id = node.cell.screen();
        return Finding.about(
                        Rule.CANNOT_CLOSE,
                        Weight.PROBLEM,
                        "Once " + FindingWords.screen(solution.prototype(), id) + " is open as a "
                                + node.cell.level().word() + ", nothing ever closes it.",
                        screens,
                        Optional.of(exploration.walkTo(node)))
                .with(Fixes.closeAsUsual(solution.prototype().screen(id).orElseThrow()));
    }
}
