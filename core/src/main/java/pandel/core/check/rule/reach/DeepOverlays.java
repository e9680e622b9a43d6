package pandel.core.check.rule.reach;

import com.carrotsearch.hppc.IntArrayList;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.check.compile.Route;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.solve.Buckets;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.check.turn.Turn;
import pandel.core.model.link.Event;
import pandel.core.play.rule.TrailAction;

/** {@code deep-overlays}: three or more open at once, one finding with all screens that can be the third. */
public final class DeepOverlays {

    private static final int DEEP = 3;
    private static final int STATES = (DEEP + 1) * (DEEP + 1);
    private static final int NONE = -1;

    /** So many ways are played before the others are taken as they are. */
    private static final int PLAYED = 300;

    private final Solution solution;
    private final Reachability exploration;
    private int played;
    private boolean anyUnproven;
    private final BitSet seen = new BitSet();
    private final Buckets horizon = new Buckets();
    /**
     * Steps on the way: a node with how many overlays are open there and how many where closing to pages leads, as one
     * number, the step before, and what was done between.
     */
    private final IntArrayList states = new IntArrayList();

    private final IntArrayList before = new IntArrayList();
    private final List<Route> by = new ArrayList<>();
    private final IntArrayList distances = new IntArrayList();

    private DeepOverlays(Solution solution, Reachability exploration) {
        this.solution = solution;
        this.exploration = exploration;
    }

    public static List<Finding> in(Solution solution) {
        Map<String, Walk> third = new LinkedHashMap<>();
        boolean anyUnproven = false;
        for (Reachability exploration : solution.explorations()) {
            DeepOverlays deep = new DeepOverlays(solution, exploration);
            deep.search(third);
            anyUnproven |= deep.anyUnproven;
        }
        if (third.isEmpty()
                && OpenTogether.mayBe(solution.prototype(), DEEP)
                && (anyUnproven
                        || solution.explorations().stream()
                                .anyMatch(e -> e.isDoubtful()
                                        || e.isSpared()
                                        || e.nodes().stream().anyMatch(Node::isInexact)))) {
            solution.unsettled()
                    .accept(new Unsettled(
                            Rule.DEEP_OVERLAYS, "", "Whether three things can be open above one another."));
        }
        return third.isEmpty()
                ? List.of()
                : List.of(finding(
                        solution,
                        List.copyOf(third.keySet()),
                        third.values().iterator().next()));
    }

    private void search(Map<String, Walk> third) {
        // With nothing open above it is always the base, so that the search can begin at all of its cells at once.
        exploration.nodes().stream()
                .filter(n -> n.cell.level().base() && opens(n))
                .forEach(n -> add(n, 0, 0, NONE, Route.NONE, n.distance));
        while (!horizon.isEmpty()) {
            int step = horizon.remove();
            int state = states.get(step);
            if (seen.get(state)) {
                continue;
            }
            seen.set(state);
            Node node = exploration.nodes().get(state / STATES);
            int open = state % STATES / (DEEP + 1);
            if (open == DEEP) {
                if (!third.containsKey(node.cell.screen())) {
                    Walk walk = walk(step);
                    if (isOpenAtTheEnd(walk)) {
                        third.put(node.cell.screen(), walk);
                    } else {
                        anyUnproven = true;
                    }
                }
            } else {
                goOn(step, node, open, state % (DEEP + 1));
            }
        }
    }

    /** What is open is counted along the way; a level put on what was only thought to lie there is none in play. */
    private boolean isOpenAtTheEnd(Walk walk) {
        return played++ >= PLAYED || walk.replay(solution.prototype()).levels().size() == DEEP + 1;
    }

    private static boolean opens(Node node) {
        for (Turn turn : node.all()) {
            if (turn.actions().getLast() instanceof TrailAction.Raise) {
                return true;
            }
        }
        return false;
    }

    private void goOn(int step, Node node, int open, int openBelow) {
        for (Node.Again again : node.agains) {
            add(again.node(), open, openBelow, step, again.by(), distances.get(step));
        }
        List<Turn> all = node.all();
        for (int i = 0; i < all.size(); i++) {
            Turn turn = all.get(i);
            Node next = exploration.after(node, i);
            boolean closes = turn.actions().getFirst() instanceof TrailAction.CloseToPages;
            if (next == null || turn.actions().getLast() instanceof TrailAction.Restart || closes && node.isInexact()) {
                continue;
            }
            boolean raises = turn.actions().getLast() instanceof TrailAction.Raise;
            int kept = closes ? openBelow : open;
            int then = raises ? kept + 1 : kept;
            int below = next.cell.level().holdsPages()
                    ? then
                    : raises && node.cell.level().holdsPages() ? open : openBelow;
            if (then > 0) {
                add(next, then, below, step, Route.NONE.and(turn.events()), distances.get(step));
            }
        }
    }

    private void add(Node node, int open, int below, int from, Route route, int distance) {
        int state = node.number * STATES + open * (DEEP + 1) + below;
        if (!seen.get(state)) {
            horizon.add(states.size(), distance + route.length());
            states.add(state);
            before.add(from);
            by.add(route);
            distances.add(distance + route.length());
        }
    }

    private Walk walk(int end) {
        Deque<Event> events = new ArrayDeque<>();
        int step = end;
        while (before.get(step) != NONE) {
            by.get(step).events().reversed().forEach(events::addFirst);
            step = before.get(step);
        }
        return exploration
                .walkTo(exploration.nodes().get(states.get(step) / STATES))
                .and(List.copyOf(events));
    }

    private static Finding finding(Solution solution, List<String> screens, Walk walk) {
        return Finding.about(
                Rule.DEEP_OVERLAYS,
                Weight.WARNING,
                FindingWords.screens(solution.prototype(), screens) + " can be the third thing open above the page.",
                screens,
                Optional.of(walk));
    }
}
