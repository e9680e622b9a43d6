package pandel.core.check.rule.reach;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.KosarajuStrongConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedPseudograph;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.fix.RoundFixes;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.check.turn.Turn;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Visit;

/**
 * {@code trail-grows}: rounds of advances alone, along which screens pile up. Copies of one screen that were given
 * something (one item after another) are no round; nor is what goes back or is replaced somewhere.
 */
public final class TrailGrows {

    /** One way on: which turn of a node, and to which node it leads. */
    private record Step(Node from, int turn, Node to) {
        Turn what() {
            return from.all().get(turn);
        }
    }

    private static final Comparator<Node> NEAREST =
            Comparator.comparingInt((Node n) -> n.distance).thenComparing(n -> n.cell.screen());

    private final Solution solution;
    private final Reachability exploration;
    private final Map<Node, List<Step>> ways = new LinkedHashMap<>();

    private TrailGrows(Solution solution, Reachability exploration) {
        this.solution = solution;
        this.exploration = exploration;
        Set<String> round = inRounds(solution.prototype());
        for (Node node : exploration.nodes()) {
            if (!round.contains(node.cell.screen())) {
                continue;
            }
            List<Step> steps = new ArrayList<>();
            for (int i = 0; i < node.turns().size(); i++) {
                Node next = exploration.after(node, i);
                if (next != null
                        && round.contains(next.cell.screen())
                        && mayBeOfRound(node.turns().get(i))) {
                    steps.add(new Step(node, i, next));
                }
            }
            ways.put(node, steps);
        }
    }

    public static List<Finding> in(Solution solution) {
        Map<Set<String>, Finding> found = new LinkedHashMap<>();
        for (Reachability exploration : solution.explorations()) {
            for (Finding finding : new TrailGrows(solution, exploration).found()) {
                found.putIfAbsent(Set.copyOf(finding.screens()), finding);
            }
        }
        // A round within a larger one is of the same cause.
        return found.entrySet().stream()
                .filter(one -> found.keySet().stream()
                        .noneMatch(other -> other.size() > one.getKey().size() && other.containsAll(one.getKey())))
                .map(Map.Entry::getValue)
                .toList();
    }

    /** Ids of the screens from which links that advance lead back to them, whatever holds. */
    private static Set<String> inRounds(Prototype prototype) {
        Graph<String, DefaultEdge> graph = new DirectedPseudograph<>(DefaultEdge.class);
        prototype.screens().forEach(s -> graph.addVertex(s.id()));
        for (Way way : prototype.index().ways()) {
            for (String to : way.link()
                    .effects()
                    .filter(Effect.Advance.class::isInstance)
                    .flatMap(e -> e.target().stream())
                    .flatMap(t -> Targets.shown(prototype, t).stream())
                    .map(Screen::id)
                    .toList()) {
                for (Screen from : way.isAnywhereInside() ? prototype.screens() : way.from()) {
                    if (graph.containsVertex(to)) {
                        graph.addEdge(from.id(), to);
                    }
                }
            }
        }
        return new KosarajuStrongConnectivityInspector<>(graph)
                .stronglyConnectedSets().stream()
                        .filter(s -> s.size() > 1
                                || graph.containsEdge(
                                        s.iterator().next(), s.iterator().next()))
                        .flatMap(Set::stream)
                        .collect(Collectors.toSet());
    }

    private static boolean mayBeOfRound(Turn turn) {
        return turn.stays() || isAdvance(turn);
    }

    private static boolean isAdvance(Turn turn) {
        return turn.link().isPresent() && turn.actions().getFirst() instanceof TrailAction.Put;
    }

    /**
     * Whether a step puts one more on the pile that was there before: another screen, or the same with nothing given.
     */
    private static boolean piles(Step step) {
        return isAdvance(step.what())
                && step.what().actions().getFirst() instanceof TrailAction.Put put
                && (!step.from().cell.screen().equals(step.to().cell.screen())
                        || put.given().isEmpty());
    }

    private List<Finding> found() {
        Graph<Node, DefaultEdge> graph = new DirectedPseudograph<>(DefaultEdge.class);
        ways.keySet().forEach(graph::addVertex);
        ways.values().stream()
                .flatMap(List::stream)
                .filter(s -> graph.containsVertex(s.to()))
                .forEach(s -> graph.addEdge(s.from(), s.to()));
        List<Finding> findings = new ArrayList<>();
        Set<Set<String>> told = new HashSet<>();
        new KosarajuStrongConnectivityInspector<>(graph)
                .stronglyConnectedSets().stream()
                        .filter(round -> steps(round, round).anyMatch(TrailGrows::piles))
                        .map(TrailGrows::nearestFirst)
                        .sorted(Comparator.comparing(List::getFirst, this::compare))
                        .forEach(round -> {
                            Set<String> screens = screens(round);
                            if (!told.contains(screens)) {
                                finding(round, screens).ifPresent(f -> {
                                    told.add(screens);
                                    findings.add(f);
                                });
                            }
                        });
        return findings;
    }

    private static List<Node> nearestFirst(Set<Node> round) {
        return round.stream().sorted(NEAREST).toList();
    }

    /** By distance; what is as near has an order too, whatever order it was found in. */
    private int compare(Node a, Node b) {
        int order = NEAREST.compare(a, b);
        return order != 0
                ? order
                : exploration
                        .walkTo(a)
                        .events()
                        .toString()
                        .compareTo(exploration.walkTo(b).events().toString());
    }

    private static Set<String> screens(List<Node> round) {
        return round.stream().map(n -> n.cell.screen()).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Optional<Finding> finding(List<Node> all, Set<String> screens) {
        Set<Node> round = new HashSet<>(all);
        List<Step> piling = steps(all, round).filter(TrailGrows::piles).toList();
        if (piling.isEmpty()) {
            return Optional.empty();
        }
        List<String> named = inOrder(screens);
        Node nearest = Objects.requireNonNull(exploration.nearest().get(named.getFirst()));
        Node first = all.stream()
                .filter(n -> n.cell.screen().equals(named.getFirst()))
                .min(this::compare)
                .orElseThrow();
        List<Step> once = around(first, round);
        if (once.isEmpty()) {
            return Optional.empty();
        }
        List<Event> events =
                once.stream().flatMap(s -> s.what().events().stream()).toList();
        long each = once.stream().filter(s -> isAdvance(s.what())).count();
        // Where it begins with nothing behind the same round is done as a rule, and the pile is easier to see.
        Optional<Walk> twice = Stream.of(nearest, first)
                .map(exploration::walkTo)
                .filter(there -> pile(there.and(events).and(events)).size()
                        == pile(there).size() + 2 * each)
                .map(there -> there.and(events).and(events))
                .findFirst();
        if (twice.isEmpty()) {
            return Optional.empty();
        }
        Step last =
                once.reversed().stream().filter(TrailGrows::piles).findFirst().orElseThrow();
        Way way = solution.prototype()
                .index()
                .way(last.what().link().orElseThrow())
                .orElseThrow();
        return Optional.of(new Finding(
                Rule.TRAIL_GROWS,
                Weight.WARNING,
                sentence(named, pile(twice.get())),
                named,
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                twice,
                fixes(piling, way, last, first)));
    }

    private Stream<Step> steps(Collection<Node> all, Set<Node> round) {
        return all.stream()
                .flatMap(n -> ways.getOrDefault(n, List.of()).stream())
                .filter(s -> round.contains(s.to()));
    }

    /** A shortest round from a node back to it along which something piles up; empty where there is none. */
    private List<Step> around(Node first, Set<Node> round) {
        record At(Node node, boolean piled) {}
        record Came(Step by, At from) {}
        At start = new At(first, false);
        At end = new At(first, true);
        Map<At, Came> came = new HashMap<>();
        Deque<At> horizon = new ArrayDeque<>(List.of(start));
        while (!horizon.isEmpty() && !came.containsKey(end)) {
            At at = horizon.remove();
            for (Step step : ways.getOrDefault(at.node(), List.of())) {
                At next = new At(step.to(), at.piled() || piles(step));
                if (round.contains(step.to()) && !next.equals(start) && !came.containsKey(next)) {
                    came.put(next, new Came(step, at));
                    horizon.add(next);
                }
            }
        }
        List<Step> back = new ArrayList<>();
        for (Came one = came.get(end); one != null; one = came.get(one.from())) {
            back.add(one.by());
        }
        Collections.reverse(back);
        return back;
    }

    /** Titles along the trail of the top level, the current one last. */
    private List<String> pile(Walk walk) {
        return walk.replay(solution.prototype()).top().trail().places().stream()
                .map(Visit::screen)
                .map(id -> FindingWords.screen(solution.prototype(), id))
                .toList();
    }

    private List<String> inOrder(Set<String> screens) {
        return screens.stream()
                .sorted(Comparator.comparingInt((String id) ->
                                Objects.requireNonNull(exploration.nearest().get(id)).distance)
                        .thenComparing(id -> id))
                .toList();
    }

    private String sentence(List<String> screens, List<String> pile) {
        String named = FindingWords.screens(solution.prototype(), screens);
        return (screens.size() == 1 ? "Copies of " + named + " pile up" : named + " pile up, going round")
                + " by links that all advance: after two rounds " + pile.size() + " lie on the trail, "
                + String.join(", ", pile.subList(Math.max(0, pile.size() - 5), pile.size())) + ".";
    }

    private List<Fix> fixes(List<Step> piling, Way closing, Step last, Node first) {
        Prototype prototype = solution.prototype();
        String home = first.cell.screen();
        List<Way> closingAll = ways(piling, s -> s.to().cell.screen().equals(home));
        List<Fix> fixes = new ArrayList<>();
        RoundFixes.switchInstead(
                        prototype,
                        closingAll,
                        home,
                        last.from().cell.around().stream().map(t -> t.set()).toList())
                .ifPresent(fixes::add);
        fixes.add(RoundFixes.returnInstead(prototype, closingAll, home));
        if (prototype.screen(home).filter(s -> s.form() == Form.PAGE).isPresent()) {
            fixes.add(RoundFixes.restartInstead(prototype, closingAll, home));
        }
        fixes.add(RoundFixes.replaceInstead(prototype, ways(piling, s -> true)));
        fixes.add(Fixes.removeLink(prototype, closing));
        return fixes;
    }

    private List<Way> ways(List<Step> piling, Predicate<Step> which) {
        return piling.stream()
                .filter(which)
                .flatMap(s -> s.what().link().stream())
                .distinct()
                .flatMap(id -> solution.prototype().index().way(id).stream())
                .toList();
    }
}
