package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import pandel.core.check.compile.Table;
import pandel.core.check.finding.Walk;
import pandel.core.check.turn.Idle;

/** Where links come to nothing, the nearest first; looked up once for all findings about that. */
public final class Idles {

    /** A link that comes to nothing at a place. */
    public record At(Reachability exploration, Node node, Idle idle) {

        /** A shortest list of events until it did. */
        public Walk walk() {
            return exploration.walkTo(node).and(idle.events());
        }
    }

    private final Map<String, List<At>> byLink = new LinkedHashMap<>();

    private Idles() {}

    /** Of nodes at which the same can be done only the nearest are looked at. */
    public static Idles in(List<Reachability> explorations) {
        Idles idles = new Idles();
        for (Reachability exploration : explorations) {
            BitSet seen = new BitSet();
            for (Node node : exploration.nodes()) {
                Table table = node.table();
                if (table != null && !seen.get(table.number())) {
                    seen.set(table.number());
                    node.idle()
                            .forEach(i -> idles.byLink
                                    .computeIfAbsent(i.link(), x -> new ArrayList<>())
                                    .add(new At(exploration, node, i)));
                }
            }
        }
        return idles;
    }

    public List<At> of(String link) {
        return byLink.getOrDefault(link, List.of());
    }

    /** The first of each link that is as asked for, in the order in which they are come to. */
    public List<At> firsts(Predicate<Idle> relevance) {
        return byLink.values().stream()
                .flatMap(all -> all.stream().filter(at -> relevance.test(at.idle())).findFirst().stream())
                .toList();
    }

    /** A list of events until a link came to nothing as asked for; empty where it never does. */
    public Optional<Walk> walk(String link, Predicate<Idle> relevance) {
        return of(link).stream()
                .filter(at -> relevance.test(at.idle()))
                .findFirst()
                .map(At::walk);
    }
}
