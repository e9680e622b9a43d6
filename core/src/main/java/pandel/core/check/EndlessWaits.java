package pandel.core.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.Exploration.Node;
import pandel.core.model.Event;
import pandel.core.model.Screen;
import pandel.core.play.TrailAction;

/** {@code endless-waits}: a round of screens, each moved on by a wait, on which nothing but device back does anything. */
final class EndlessWaits {

    private EndlessWaits() {
    }

    static List<Finding> in(Grounds grounds) {
        List<Finding> findings = new ArrayList<>();
        Set<Set<String>> told = new HashSet<>();
        for (Exploration exploration : grounds.explorations()) {
            Set<Cell> done = new HashSet<>();
            for (Node node : exploration.nodes()) {
                round(exploration, node, done).ifPresent(round -> {
                    Set<String> screens = new LinkedHashSet<>();
                    round.forEach(n -> screens.add(n.cell.screen()));
                    if (told.add(screens) && screens.stream().noneMatch(id -> grounds.prototype().screen(id).map(Screen::end).orElse(false))) {
                        findings.add(finding(grounds, exploration.walkTo(round.getFirst()), List.copyOf(screens)));
                    }
                });
            }
        }
        return findings;
    }

    /** The cells of the round that waits alone lead into from a node; looked at once for each node. */
    private static Optional<List<Node>> round(Exploration exploration, Node from, Set<Cell> done) {
        List<Node> path = new ArrayList<>();
        Set<Cell> onPath = new HashSet<>();
        Optional<Node> now = Optional.of(from);
        while (now.isPresent() && isMovedByWaitAlone(now.get()) && !done.contains(now.get().cell)) {
            Node node = now.get();
            if (!onPath.add(node.cell)) {
                int start = 0;
                while (path.get(start).cell != node.cell) {
                    start++;
                }
                done.addAll(onPath);
                return Optional.of(path.subList(start, path.size()));
            }
            path.add(node);
            Turn wait = node.turns.getFirst();
            // A wait that returns goes back to where it was put from, which is the one before on this path.
            now = switch (wait.actions().getFirst()) {
                case TrailAction.Drop d -> before(path);
                case TrailAction.CloseLevel c -> before(path);
                // Which of the places before it goes back to is not followed here.
                case TrailAction.DropTo d -> Optional.empty();
                default -> exploration.after(node, wait);
            };
        }
        done.addAll(onPath);
        return Optional.empty();
    }

    private static Optional<Node> before(List<Node> path) {
        return path.size() > 1 ? Optional.of(path.get(path.size() - 2)) : Optional.empty();
    }

    private static boolean isMovedByWaitAlone(Node node) {
        return node.doubted.isEmpty() && node.turns.size() == 1 && node.turns.getFirst().events().getLast() instanceof Event.Elapse;
    }

    private static Finding finding(Grounds grounds, Walk walk, List<String> screens) {
        String names = Words.screens(grounds.prototype(), screens);
        return Finding.about(Rule.ENDLESS_WAITS, Weight.PROBLEM, screens.size() == 1
                ? names + " comes again and again by its own wait, and nothing can be done on it."
                : names + " follow one another by waits for ever, and nothing can be done on them.", screens, Optional.of(walk));
    }
}
