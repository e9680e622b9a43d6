package pandel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.KosarajuStrongConnectivityInspector;
import org.jgrapht.graph.AbstractBaseGraph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DefaultGraphSpecificsStrategy;
import org.jgrapht.graph.DefaultGraphType;
import pandel.core.check.Exploration.Node;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.play.TrailAction;

/**
 * {@code closed-circle}: two or more screens that lead only to one another, no end among them, and not the largest such
 * set, which is taken for home. Where a way back leads is over-estimated (everything that ever put the place), so a set that
 * is reported really is closed; one reached in several ways can be missed.
 */
final class ClosedCircles {

    /** Where ways back lead from a cell; {@code HERE} is the cell itself. */
    private enum Way {
        HERE, BEHIND, BENEATH, GROUND, BEHIND_GROUND, BENEATH_GROUND
    }

    private static final int OUTSIDE = -1;

    private final Exploration exploration;
    private final List<Node> nodes;
    private final Map<Node, Integer> numbers = new IdentityHashMap<>();
    private final Map<String, List<Node>> ofScreen = new HashMap<>();
    private final Graph<Integer, DefaultEdge> graph = new Lean();

    /** A graph without the table that finds an edge between two vertices, which is never asked for. */
    private static final class Lean extends AbstractBaseGraph<Integer, DefaultEdge> {
        Lean() {
            super(null, DefaultEdge::new, DefaultGraphType.directedPseudograph(), new DefaultGraphSpecificsStrategy<>());
        }
    }

    private ClosedCircles(Exploration exploration) {
        this.exploration = exploration;
        this.nodes = List.copyOf(exploration.nodes());
        nodes.forEach(node -> ofScreen.computeIfAbsent(node.cell.screen(), id -> new ArrayList<>()).add(node));
        for (Node node : nodes) {
            numbers.put(node, numbers.size());
        }
        for (Node node : nodes) {
            graph.addVertex(vertex(node, Way.HERE));
            node.turns.forEach(turn -> link(node, turn));
            node.back.ifPresent(turn -> link(node, turn));
            if (!node.doubted.isEmpty()) {
                outside(node);
            }
        }
    }

    static List<Finding> in(Grounds grounds) {
        Map<Set<String>, Finding> findings = new LinkedHashMap<>();
        for (Exploration exploration : grounds.explorations()) {
            new ClosedCircles(exploration).circles(grounds.prototype())
                    .forEach((screens, walk) -> findings.putIfAbsent(screens, finding(grounds, List.copyOf(screens), walk)));
        }
        return new ArrayList<>(findings.values());
    }

    private Map<Set<String>, Walk> circles(Prototype prototype) {
        Map<Integer, Set<String>> closed = new HashMap<>();
        for (Set<Integer> component : new KosarajuStrongConnectivityInspector<>(graph).stronglyConnectedSets()) {
            boolean leaves = component.stream().anyMatch(v -> graph.outgoingEdgesOf(v).stream().anyMatch(e -> !component.contains(graph.getEdgeTarget(e))));
            if (!leaves) {
                Set<String> screens = screens(component);
                component.forEach(v -> closed.put(v, screens));
            }
        }
        Set<String> home = closed.values().stream().max(Comparator.comparingInt(Set::size)).orElse(Set.of());
        Map<Set<String>, Walk> circles = new LinkedHashMap<>();
        for (Node node : nodes) {
            Set<String> screens = closed.getOrDefault(vertex(node, Way.HERE), Set.of());
            if (screens.size() > 1 && !screens.equals(home) && screens.stream().noneMatch(id -> prototype.screen(id).map(Screen::end).orElse(false))) {
                circles.computeIfAbsent(screens, k -> exploration.walkTo(node));
            }
        }
        return circles;
    }

    private Set<String> screens(Set<Integer> component) {
        Set<String> screens = new LinkedHashSet<>();
        component.stream().filter(v -> v >= 0 && v % Way.values().length == Way.HERE.ordinal()).sorted()
                .forEach(v -> screens.add(nodes.get(v / Way.values().length).cell.screen()));
        return screens;
    }

    private int vertex(Node node, Way way) {
        return numbers.get(node) * Way.values().length + way.ordinal();
    }

    private void link(Node node, Turn turn) {
        Optional<Node> next = exploration.after(node, turn);
        boolean closes = turn.actions().getFirst() instanceof TrailAction.CloseToPages;
        next.ifPresent(to -> edge(node, Way.HERE, to, Way.HERE));
        switch (turn.actions().getLast()) {
            case TrailAction.Drop d -> edge(node, Way.HERE, node, Way.BEHIND);
            case TrailAction.CloseLevel c -> edge(node, Way.HERE, node, Way.BENEATH);
            case TrailAction.CloseToPages c -> edge(node, Way.HERE, node, Way.GROUND);
            case TrailAction.DropTo to -> ofScreen.getOrDefault(to.screen(), List.of()).forEach(place -> edge(node, Way.HERE, place, Way.HERE));
            case TrailAction.Restart r -> { }
            case TrailAction.Put p -> next.ifPresent(to -> {
                edge(to, Way.BEHIND, node, closes ? Way.GROUND : Way.HERE);
                stay(node, to, closes);
            });
            case TrailAction.Swap s -> next.ifPresent(to -> {
                edge(to, Way.BEHIND, node, closes ? Way.BEHIND_GROUND : Way.BEHIND);
                stay(node, to, closes);
            });
            case TrailAction.Raise r -> next.ifPresent(to -> {
                boolean pages = node.cell.level().holdsPages();
                edge(to, Way.BENEATH, node, Way.HERE);
                edge(to, Way.GROUND, node, pages ? Way.HERE : Way.GROUND);
                edge(to, Way.BEHIND_GROUND, node, pages ? Way.BEHIND : Way.BEHIND_GROUND);
                edge(to, Way.BENEATH_GROUND, node, pages ? Way.BENEATH : Way.BENEATH_GROUND);
            });
            case TrailAction.Leave l -> { }
        }
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

    /** What is not known to stay may lead anywhere. */
    private void outside(Node node) {
        graph.addVertex(OUTSIDE);
        graph.addEdge(vertex(node, Way.HERE), OUTSIDE);
    }

    private void edge(Node from, Way fromWay, Node to, Way toWay) {
        int a = vertex(from, fromWay);
        int b = vertex(to, toWay);
        if (a != b) {
            graph.addVertex(a);
            graph.addVertex(b);
            graph.addEdge(a, b);
        }
    }

    private static Finding finding(Grounds grounds, List<String> screens, Walk walk) {
        return Finding.about(Rule.CLOSED_CIRCLE, Weight.WARNING, Words.screens(grounds.prototype(), screens) + " lead only to one another.", screens, Optional.of(walk));
    }
}
