package pandel.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** Where links come to nothing, the nearest first; looked up once for all findings about that. */
final class Idles {

    /** A link that comes to nothing at a place. */
    record At(Exploration exploration, Node node, Idle idle) {

        /** A shortest list of events until it did. */
        Walk walk() {
            return exploration.walkTo(node).and(idle.events());
        }
    }

    private final Map<String, List<At>> byLink = new LinkedHashMap<>();

    private Idles() {}

    static Idles in(List<Exploration> explorations) {
        Idles idles = new Idles();
        explorations.forEach(e -> e.nodes()
                .forEach(n -> n.idle.forEach(i -> idles.byLink
                        .computeIfAbsent(i.link(), x -> new ArrayList<>())
                        .add(new At(e, n, i)))));
        return idles;
    }

    List<At> of(String link) {
        return byLink.getOrDefault(link, List.of());
    }

    /** The first of each link that is as asked for, in the order in which they are come to. */
    List<At> firsts(Predicate<Idle> asked) {
        return byLink.values().stream()
                .flatMap(all -> all.stream().filter(at -> asked.test(at.idle())).findFirst().stream())
                .toList();
    }

    /** A list of events until a link came to nothing as asked for; empty where it never does. */
    Optional<Walk> walk(String link, Predicate<Idle> asked) {
        return of(link).stream().filter(at -> asked.test(at.idle())).findFirst().map(At::walk);
    }
}
