package pandel.core.check.rule.reach;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;

/**
 * Whether a list of events leads on from nodes to another row of screens: at once, or from a node with the same row
 * that events lead to. All nodes are asked about together, so that each is looked at once.
 */
final class LeadsOn {

    /** What can be said of a node. */
    enum Answer {
        YES,
        NO,
        UNKNOWN
    }

    /** Nodes looked at, at most; what hangs on others is not settled. Some seconds. */
    private static final int MOST = 200_000;

    private final Reachability exploration;
    private final boolean withBack;
    /** From where one comes to a node, of all nodes that do not lead on at once. */
    private final Map<Node, List<Node>> from = new LinkedHashMap<>();

    private final Set<Node> leading = new HashSet<>();
    private final Set<Node> doubtful = new HashSet<>();

    /**
     * @param withBack whether device back is among the events
     * @param nodes those that will be asked about
     */
    LeadsOn(Reachability exploration, boolean withBack, Collection<Node> nodes) {
        this.exploration = exploration;
        this.withBack = withBack;
        Deque<Node> horizon = new ArrayDeque<>();
        nodes.stream().filter(node -> !leadsAtOnce(node)).forEach(node -> come(node, horizon));
        List<Node> doubts = new ArrayList<>();
        while (!horizon.isEmpty()) {
            Node node = horizon.remove();
            if (from.size() > MOST || isDoubted(node)) {
                doubts.add(node);
            }
            if (from.size() <= MOST) {
                doubts.addAll(follow(node, horizon));
            }
        }
        goBack(List.copyOf(leading), leading);
        goBack(doubts, doubtful);
    }

    private boolean leadsAtOnce(Node node) {
        return node.movesOn() || withBack && node.movesOnByBack();
    }

    private void come(Node node, Deque<Node> horizon) {
        if (!from.containsKey(node)) {
            from.put(node, new ArrayList<>(1));
            horizon.add(node);
        }
    }

    private boolean isDoubted(Node node) {
        return node.isDoubted() || node.mayComeToItself() || withBack && node.mayComeToItselfByBack();
    }

    /** Answers the node itself where something it leads to is not known. */
    private List<Node> follow(Node node, Deque<Node> horizon) {
        List<Node> doubts = new ArrayList<>(1);
        for (boolean byBack : withBack ? new boolean[] {false, true} : new boolean[] {false}) {
            for (Node next : exploration.stays(node, byBack)) {
                if (next == null) {
                    doubts.add(node);
                } else if (leadsAtOnce(next)) {
                    leading.add(node);
                } else {
                    come(next, horizon);
                    Objects.requireNonNull(from.get(next)).add(node);
                }
            }
        }
        return doubts;
    }

    /** From some nodes to all those that lead to them. */
    private void goBack(Collection<Node> some, Set<Node> all) {
        Deque<Node> horizon = new ArrayDeque<>(some);
        all.addAll(some);
        while (!horizon.isEmpty()) {
            from.getOrDefault(horizon.remove(), List.of()).stream()
                    .filter(all::add)
                    .forEach(horizon::add);
        }
    }

    /** @param node one of those that were to be asked about */
    Answer from(Node node) {
        return leadsAtOnce(node) || leading.contains(node)
                ? Answer.YES
                : doubtful.contains(node) ? Answer.UNKNOWN : Answer.NO;
    }
}
