package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.KosarajuStrongConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedPseudograph;
import org.jspecify.annotations.Nullable;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.solve.Arrows;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.check.turn.Turn;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.TrailAction;

/**
 * {@code closed-circle}: two or more screens that lead only to one another, no end among them, and not the set that
 * holds the screen marked as home; without such a mark the largest set is taken for home. Where a way back leads is
 * over-estimated (everything that ever put the place), so a set that is reported really is closed; one reached in
 * several ways can be missed.
 */
public final class ClosedCircles {

    /**
     * Where ways back lead from a cell; {@code HERE} is the cell itself, {@code AGAIN} the same place with whatever
     * facts.
     */
    private enum Way {
        HERE,
        BEHIND,
        BENEATH,
        GROUND,
        BEHIND_GROUND,
        BENEATH_GROUND,
        AGAIN
    }

    private final Reachability exploration;
    private final List<Node> nodes;
    private final Map<String, List<Node>> ofScreen = new HashMap<>();
    private final Arrows arrows;
    private final Map<String, Integer> hubs = new LinkedHashMap<>();
    private final BitSet leaving = new BitSet();
    private final Map<Set<String>, Node> nearest = new HashMap<>();

    private ClosedCircles(Reachability exploration) {
        this.exploration = exploration;
        this.nodes = exploration.nodes();
        nodes.forEach(node -> {
            ofScreen.computeIfAbsent(node.cell.screen(), id -> new ArrayList<>())
                    .add(node);
            node.cell
                    .at()
                    .ifPresent(at -> ofScreen.computeIfAbsent(at.sequence(), id -> new ArrayList<>())
                            .add(node));
        });
        // What is returned to leads on to every place it stands at: one point between, or there would be as many arrows
        // as pairs.
        ofScreen.keySet().forEach(id -> hubs.put(id, nodes.size() * Way.values().length + hubs.size()));
        arrows = new Arrows(nodes.size() * Way.values().length + hubs.size());
        hubs.forEach((id, hub) ->
                Objects.requireNonNull(ofScreen.get(id)).forEach(place -> arrows.add(hub, vertex(place, Way.HERE))));
        for (Node node : nodes) {
            for (int i = 0; i < node.all().size(); i++) {
                link(node, node.all().get(i), exploration.after(node, i));
            }
            node.agains.forEach(again -> {
                edge(node, Way.AGAIN, again.node(), Way.HERE);
                for (Way way : List.of(Way.BEHIND, Way.BENEATH, Way.GROUND, Way.BEHIND_GROUND, Way.BENEATH_GROUND)) {
                    edge(again.node(), way, node, way);
                }
            });
            arrows.add(vertex(node, Way.AGAIN), vertex(node, Way.HERE));
            if (node.isInexact() || node.isDoubted() || node.mayComeAgain) {
                // What is not known to stay may lead anywhere.
                leaving.set(vertex(node, Way.HERE));
            }
        }
        arrows.sort();
    }

    public static List<Finding> in(Solution solution) {
        Map<Set<String>, Finding> findings = new LinkedHashMap<>();
        for (Reachability exploration : solution.explorations()) {
            new ClosedCircles(exploration)
                    .circles(solution.prototype())
                    .forEach((screens, walk) ->
                            findings.putIfAbsent(screens, finding(solution, List.copyOf(screens), walk)));
        }
        return new ArrayList<>(findings.values());
    }

    /**
     * The sets that nothing leaves, but for home. All points from which the first start can be come to belong to its
     * set or leave to it, so that only the others need to be looked at closely, which are few as a rule.
     */
    private Map<Set<String>, Walk> circles(Prototype prototype) {
        Map<Set<String>, Walk> circles = new LinkedHashMap<>();
        BitSet start = new BitSet();
        nodes.stream().limit(1).forEach(node -> start.set(vertex(node, Way.HERE)));
        BitSet toStart = arrows.leadingTo(start);
        BitSet others = new BitSet();
        nodes.forEach(node -> others.set(vertex(node, Way.HERE)));
        others.andNot(toStart);
        if (others.isEmpty()) {
            return circles;
        }
        // What may be left, now or later, belongs to no set that nothing leaves.
        BitSet kept = arrows.comingFrom(others);
        kept.andNot(arrows.leadingTo(leaving));
        List<Set<String>> closed = closed(kept);
        BitSet fromStart = arrows.comingFrom(start);
        BitSet away = (BitSet) fromStart.clone();
        away.andNot(toStart);
        if (away.isEmpty() && !fromStart.intersects(leaving)) {
            Set<String> screens = screens(fromStart.stream().boxed().toList());
            closed.add(screens);
            nearest.put(screens, nodes.getFirst());
        }
        Set<String> marked = prototype.screens().stream()
                .filter(Screen::home)
                .map(Screen::id)
                .collect(Collectors.toSet());
        Set<String> home = closed.stream()
                .filter(screens -> !Collections.disjoint(screens, marked))
                .findFirst()
                .or(() -> marked.isEmpty() ? closed.stream().max(Comparator.comparingInt(Set::size)) : Optional.empty())
                .orElse(Set.of());
        for (Set<String> screens : closed) {
            if (screens.size() > 1
                    && screens != home
                    && screens.stream()
                            .noneMatch(
                                    id -> prototype.screen(id).map(Screen::end).orElse(false))) {
                circles.putIfAbsent(screens, exploration.walkTo(Objects.requireNonNull(nearest.get(screens))));
            }
        }
        return circles;
    }

    /**
     * The screens of each strongly connected set of points that nothing leaves; such sets of one screen are no circles.
     */
    private List<Set<String>> closed(BitSet points) {
        List<Set<String>> closed = new ArrayList<>();
        Graph<Integer, DefaultEdge> graph = new DirectedPseudograph<>(DefaultEdge.class);
        points.stream().forEach(graph::addVertex);
        points.stream().forEach(point -> arrows.eachAfter(point, to -> graph.addEdge(point, to)));
        for (Set<Integer> component : new KosarajuStrongConnectivityInspector<>(graph).stronglyConnectedSets()) {
            boolean leaves = component.stream()
                    .anyMatch(v -> leaving.get(v) || after(v).anyMatch(to -> !component.contains(to)));
            if (!leaves) {
                Set<String> screens = screens(component);
                closed.add(screens);
                component.stream()
                        .filter(this::isHere)
                        .min(Integer::compare)
                        .ifPresent(v -> nearest.put(screens, nodes.get(v / Way.values().length)));
            }
        }
        return closed;
    }

    private Stream<Integer> after(int point) {
        Stream.Builder<Integer> after = Stream.builder();
        arrows.eachAfter(point, after::add);
        return after.build();
    }

    private Set<String> screens(Collection<Integer> component) {
        Set<String> screens = new LinkedHashSet<>();
        component.stream()
                .filter(this::isHere)
                .sorted()
                .forEach(
                        v -> screens.add(nodes.get(v / Way.values().length).cell.screen()));
        return screens;
    }

    private boolean isHere(int point) {
        return point < nodes.size() * Way.values().length && point % Way.values().length == Way.HERE.ordinal();
    }

    private int vertex(Node node, Way way) {
        return node.number * Way.values().length + way.ordinal();
    }

    private void link(Node node, Turn turn, @Nullable Node to) {
        if (to != null) {
            lead(node, turn, to);
        }
        switch (turn.actions().getLast()) {
            case TrailAction.Drop d -> edge(node, Way.HERE, node, Way.BEHIND);
            case TrailAction.CloseLevel c -> edge(node, Way.HERE, node, Way.BENEATH);
            case TrailAction.CloseToPages c -> edge(node, Way.HERE, node, Way.GROUND);
            case TrailAction.DropTo back -> {
                Integer hub = hubs.get(back.screen());
                if (hub != null) {
                    arrows.add(vertex(node, Way.HERE), hub);
                }
            }
            case TrailAction.ToRoot t -> {}
            case TrailAction.Forward f -> {}
            case TrailAction.Staying s -> {}
            case TrailAction.Leave l -> {}
        }
    }

    private void lead(Node node, Turn turn, Node to) {
        boolean closes = turn.actions().getFirst() instanceof TrailAction.CloseToPages;
        edge(node, Way.HERE, to, Way.HERE);
        switch (turn.actions().getLast()) {
            case TrailAction.Put p -> {
                edge(to, Way.BEHIND, node, closes ? Way.GROUND : Way.AGAIN);
                stay(node, to, closes);
            }
            case TrailAction.Turn t -> instead(node, to, closes);
            case TrailAction.StepRow s -> instead(node, to, closes);
            case TrailAction.Swap s -> instead(node, to, closes);
            case TrailAction.Raise r -> {
                boolean pages = node.cell.level().holdsPages();
                edge(to, Way.BENEATH, node, closes ? Way.GROUND : Way.AGAIN);
                edge(to, Way.GROUND, node, pages ? Way.AGAIN : Way.GROUND);
                edge(to, Way.BEHIND_GROUND, node, pages ? Way.BEHIND : Way.BEHIND_GROUND);
                edge(to, Way.BENEATH_GROUND, node, pages ? Way.BENEATH : Way.BENEATH_GROUND);
            }
            case TrailAction.Staying s -> {
                edge(to, Way.BEHIND, node, Way.BEHIND);
                stay(node, to, false);
            }
            default -> {}
        }
    }

    private void instead(Node node, Node to, boolean closes) {
        edge(to, Way.BEHIND, node, closes ? Way.BEHIND_GROUND : Way.BEHIND);
        stay(node, to, closes);
    }

    /** What lies beneath does not change while something stays on its level. */
    private void stay(Node node, Node to, boolean closes) {
        if (!to.cell.level().base()) {
            edge(to, Way.BENEATH, node, closes ? Way.BENEATH_GROUND : Way.BENEATH);
        }
        if (!closes && !node.cell.level().holdsPages()) {
            for (Way way : List.of(Way.GROUND, Way.BEHIND_GROUND, Way.BENEATH_GROUND)) {
                edge(to, way, node, way);
            }
        }
    }

    private void edge(Node from, Way fromWay, Node to, Way toWay) {
        int a = vertex(from, fromWay);
        int b = vertex(to, toWay);
        if (a != b) {
            arrows.add(a, b);
        }
    }

    private static Finding finding(Solution solution, List<String> screens, Walk walk) {
        return Finding.about(
                Rule.CLOSED_CIRCLE,
                Weight.WARNING,
                FindingWords.screens(solution.prototype(), screens) + " lead only to one another.",
                screens,
                Optional.of(walk));
    }
}
