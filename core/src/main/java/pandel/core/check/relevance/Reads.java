package pandel.core.check.relevance;

import java.util.Set;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Source;

/** What conditions and links read. */
public final class Reads {

    private Reads() {}

    /** All conditions of looks and of links. */
    public static Stream<Condition> conditions(Prototype prototype) {
        return Stream.concat(
                prototype.screens().stream().flatMap(s -> s.states().stream()).flatMap(s -> s.conditions().stream()),
                prototype.index().ways().stream()
                        .flatMap(w -> w.link().branches().stream())
                        .flatMap(b -> b.when().stream()));
    }

    /**
     * Whether any link remembers one of some facts.
     *
     * @param facts their ids
     */
    static boolean isAnyRemembered(Prototype prototype, Set<String> facts) {
        return prototype
                .index()
                .links()
                .flatMap(Link::allRemembered)
                .map(Effect.Remember::fact)
                .anyMatch(facts::contains);
    }

    /** Everything that a link reads: in conditions, to carry it, to set facts. */
    public static Stream<Source> reads(Link link) {
        return link.branches().stream()
                .flatMap(b -> Stream.concat(
                        b.when().stream().flatMap(Condition::sources),
                        b.effects().stream().flatMap(Reads::reads)));
    }

    private static Stream<Source> reads(Effect effect) {
        return effect instanceof Effect.Remember r
                ? r.change() instanceof Effect.Change.Set set ? Stream.of(set.to()) : Stream.empty()
                : effect.target().stream().flatMap(t -> t.values().values().stream());
    }
}
