package pandel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.KosarajuStrongConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
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

    /** Where ways back lead from a cell. */
    private enum Way {
        BEHIND, BENEATH, GROUND, BEHIND_GROUND, BENEATH_GROUND
    }

    /** What ways back of a kind uncover, as a point that they go through. */
    private record Back(Cell cell, Way way) {
    }

    private ClosedCircles() {
    }

    static List<Finding> in(Grounds grounds) {
        Map<Set<String>, Finding> findings = new LinkedHashMap<>();
        for (Exploration exploration : grounds.explorations()) {
            circles(grounds.prototype(), exploration).forEach((screens, walk) -> findings.putIfAbsent(screens, finding(grounds, List.copyOf(screens), walk)));
        }
        return new ArrayList<>(findings.values());
    }

    private static Map<Set<String>, Walk> circles(Prototype prototype, Exploration exploration) {
        Graph<Object, DefaultEdge> graph = graph(exploration);
        List<Set<Object>> closed = new ArrayList<>();
        for (Set<Object> component : new KosarajuStrongConnectivityInspector<>(graph).stronglyConnectedSets()) {
            boolean leaves = component.stream().anyMatch(v -> graph.outgoingEdgesOf(v).stream().anyMatch(e -> !component.contains(graph.getEdgeTarget(e))));
            if (!leaves && component.stream().anyMatch(Cell.class::isInstance)) {
                closed.add(component);
            }
        }
        Set<String> home = closed.stream().map(ClosedCircles::screens).max(Comparator.comparingInt(Set::size)).orElse(Set.of());
        Map<Set<String>, Walk> circles = new LinkedHashMap<>();
        for (Node node : exploration.nodes()) {
            closed.stream().filter(c -> c.contains(node.cell)).findFirst().map(ClosedCircles::screens)
                    .filter(s -> s.size() > 1 && !s.equals(home) && s.stream().noneMatch(id -> prototype.screen(id).map(Screen::end).orElse(false)))
                    .ifPresent(s -> circles.computeIfAbsent(s, k -> exploration.walkTo(node)));
        }
        return circles;
    }

    private static Set<String> screens(Set<Object> component) {
        Set<String> screens = new LinkedHashSet<>();
        component.forEach(v -> {
            if (v instanceof Cell cell) {
                screens.add(cell.screen());
            }
        });
        return screens;
    }

    private static Graph<Object, DefaultEdge> graph(Exploration exploration) {
        Graph<Object, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        for (Node node : exploration.nodes()) {
            List<Turn> turns = new ArrayList<>(node.turns);
            node.back.ifPresent(turns::add);
            for (Turn turn : turns) {
                link(graph, exploration, node, turn);
            }
            graph.addVertex(node.cell);
        }
        return graph;
    }

    private static void link(Graph<Object, DefaultEdge> graph, Exploration exploration, Node node, Turn turn) {
        Optional<Cell> next = exploration.after(node, turn).map(n -> n.cell);
        Cell cell = node.cell;
        boolean closes = turn.actions().getFirst() instanceof TrailAction.CloseToPages;
        next.ifPresent(to -> edge(graph, cell, to));
        switch (turn.actions().getLast()) {
            case TrailAction.Drop d -> edge(graph, cell, new Back(cell, Way.BEHIND));
            case TrailAction.CloseLevel c -> edge(graph, cell, new Back(cell, Way.BENEATH));
            case TrailAction.CloseToPages c -> edge(graph, cell, new Back(cell, Way.GROUND));
            case TrailAction.Put p -> next.ifPresent(to -> {
                edge(graph, new Back(to, Way.BEHIND), closes ? new Back(cell, Way.GROUND) : cell);
                stay(graph, cell, to, closes);
            });
            case TrailAction.Swap s -> next.ifPresent(to -> {
                edge(graph, new Back(to, Way.BEHIND), new Back(cell, closes ? Way.BEHIND_GROUND : Way.BEHIND));
                stay(graph, cell, to, closes);
            });
            case TrailAction.Raise r -> next.ifPresent(to -> {
                boolean pages = cell.level().holdsPages();
                edge(graph, new Back(to, Way.BENEATH), cell);
                edge(graph, new Back(to, Way.GROUND), pages ? cell : new Back(cell, Way.GROUND));
                edge(graph, new Back(to, Way.BEHIND_GROUND), new Back(cell, pages ? Way.BEHIND : Way.BEHIND_GROUND));
                edge(graph, new Back(to, Way.BENEATH_GROUND), new Back(cell, pages ? Way.BENEATH : Way.BENEATH_GROUND));
            });
            case TrailAction.Leave l -> { }
        }
    }

    /** What lies beneath does not change while something stays on its level. */
    private static void stay(Graph<Object, DefaultEdge> graph, Cell cell, Cell to, boolean closes) {
        edge(graph, new Back(to, Way.BENEATH), new Back(cell, closes ? Way.BENEATH_GROUND : Way.BENEATH));
        if (!closes) {
            for (Way way : List.of(Way.GROUND, Way.BEHIND_GROUND, Way.BENEATH_GROUND)) {
                edge(graph, new Back(to, way), new Back(cell, way));
            }
        }
    }

    private static void edge(Graph<Object, DefaultEdge> graph, Object from, Object to) {
        if (!from.equals(to)) {
            graph.addVertex(from);
            graph.addVertex(to);
            graph.addEdge(from, to);
        }
    }

    private static Finding finding(Grounds grounds, List<String> screens, Walk walk) {
        return Finding.about(Rule.CLOSED_CIRCLE, Weight.WARNING, Words.screens(grounds.prototype(), screens) + " lead only to one another.", screens, Optional.of(walk));
    }
}
