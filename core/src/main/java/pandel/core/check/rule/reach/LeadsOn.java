package pandel.core.check.rule.reach;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.check.compile.Cell;
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
        Set<Node> seen = new LinkedHashSet<>();
        Deque<Node> horizon = new ArrayDeque<>(List.of(node));
        boolean doubt = false;
        while (!horizon.isEmpty()) {
            if (seen.size() > MOST || !exploration.mayLookOn()) {
                return UNKNOWN;
            }
            Node at = horizon.remove();
            if (at.movesOn || withBack && at.movesOnByBack) {
                return YES;
            }
            if (seen.add(at)) {
                doubt |= at.isDoubted() || at.mayComeToItself || withBack && at.mayComeToItselfByBack;
                for (Cell cell : withBack
                        ? Stream.concat(at.stays.stream(), at.staysByBack.stream())
                                .toList()
                        : at.stays) {
                    Optional<Node> next = exploration.node(at, cell);
                    doubt |= next.isEmpty();
                    next.ifPresent(horizon::add);
                }
            }
        }
        return doubt ? UNKNOWN : NO;
    }
}
