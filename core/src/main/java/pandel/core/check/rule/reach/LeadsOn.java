package pandel.core.check.rule.reach;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;

/** Whether a list of events leads on from a node to another row of screens. */
public enum LeadsOn {
    YES,
    NO,
    UNKNOWN;

    /** Places looked at from one, at most; where there are more it is not settled. */
    private static final int MOST = 5_000;

    /** @param withBack whether device back is among the events */
    static LeadsOn from(Reachability exploration, Node node, boolean withBack) {
        if (leadsOnAtOnce(node, withBack)) {
            return YES;
        }
        Set<Node> seen = new LinkedHashSet<>();
        Deque<Node> horizon = new ArrayDeque<>(List.of(node));
        boolean doubt = false;
        while (!horizon.isEmpty()) {
            if (seen.size() > MOST || !exploration.mayLookOn()) {
                return UNKNOWN;
            }
            Node at = horizon.remove();
            if (leadsOnAtOnce(at, withBack)) {
                return YES;
            }
            if (seen.add(at)) {
                doubt |= at.isDoubted() || at.mayComeToItself() || withBack && at.mayComeToItselfByBack();
                for (boolean byBack : withBack ? new boolean[] {false, true} : new boolean[] {false}) {
                    for (Node next : exploration.stays(at, byBack)) {
                        doubt |= next == null;
                        if (next != null) {
                            horizon.add(next);
                        }
                    }
                }
            }
        }
        return doubt ? UNKNOWN : NO;
    }

    private static boolean leadsOnAtOnce(Node node, boolean withBack) {
        return node.movesOn() || withBack && node.movesOnByBack();
    }
}
